import { expect } from '@playwright/test';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import {
  shippedFamilies,
  shippedFileNamed,
  shippedFileName,
  shippedFiles,
  unicodeRange,
  type ShippedFamily,
} from '../src/core/brand/fonts';
import { sampleSite } from '../src/core/site/sample.test-data';
import { lackingCharacters } from '../src/core/text/lacking';
import { textWidth, type TextSetting } from '../src/core/text/text-width';
import { openDatabase } from '../src/server/db/open';
import { shippedFontBytes } from '../src/server/handover/sources';
import { measured } from '../src/server/text/measured';
import { someOf } from '../src/sample.test-data';
import { test } from './support/test';

const db = openDatabase(mkdtempSync(path.join(tmpdir(), 'gable-ridge-texts-')));
const ORIGIN = 'http://texts.example';

/** Labels by language: letters of more than one character set, joined and marked ones, white space and soft hyphens. */
const labels: Record<string, readonly string[]> = {
  en: [
    'Sailings',
    'AVATAR To WA',
    'office fi fl',
    '† see below',
    'a  b\n c',
    'soft\u00adhyphen',
    'fi\u200bfi',
  ],
  fr: ['Nos cœurs', 'Œuvres et nœuds', 'Sœurs', 'L’île à côté', 'e\u0301te\u0301'],
  de: ['Fahrpläne & Überfahrten', 'Straße', 'Groß\u00adbuch\u00adstaben'],
  tr: ['Fiyat listesi', 'Işıklar', 'İletişim', 'fikir'],
  ca: ['Col·lecció', 'paral·lel', 'L·L'],
  nl: ['IJsland', 'fijn'],
  ro: ['Știri și ținuturi', 'Şcoală'],
  pl: ['Źródła', 'Łódź', 'żółć'],
  cs: ['Příběhy', 'Ďáblice'],
  hu: ['Őszi túrák', 'Hűvös'],
  vi: ['Tiếng Việt', 'Đường phố'],
  is: ['Þjónusta', 'Ævintýri'],
  bg: ['Българският език', 'Градове'],
  ru: ['Расписание', 'Мосты и острова'],
  sr: ['Београд', 'Пут'],
  el: ['Ελλάδα', 'Ταξίδια'],
  he: ['שלום עולם', 'תפריט'],
  ar: ['مرحبا بكم', 'القائمة'],
};

interface Sample {
  setting: TextSetting;
  text: string;
  language: string;
}

/** The samples that a family can set: those of which it lacks no letter. */
async function samplesOf(family: ShippedFamily): Promise<Sample[]> {
  const settings = [{}, { letterSpacing: 1.5 }, { case: 'uppercase' as const }].map((more): TextSetting => ({
    family: family.id,
    weight: '400',
    slant: 'normal',
    size: 40,
    letterSpacing: 0,
    case: 'none',
    ...more,
  }));
  const all = Object.entries(labels)
    .flatMap(([language, texts]) =>
      texts.flatMap((text) => settings.map((setting) => ({ setting, text, language }))),
    )
    // Some fonts draw `l·l` as one sign in Catalan, which is then not set apart.
    .filter(({ setting, language }) => language !== 'ca' || setting.letterSpacing === 0);
  const lacking = await measured(db, (advances) =>
    // What a font lacks is known once it has measured.
    all.map(({ setting, text, language }) =>
      textWidth(sampleSite(), advances, setting, text, language) === null
        ? null
        : lackingCharacters(sampleSite(), advances, setting, text, language),
    ),
  );
  return all.filter((_, index) => lacking[index] === '');
}

const spanOf = ({ setting: { size, letterSpacing, case: as }, text, language }: Sample) =>
  `<span lang="${language}" style="font-size:${size}px;letter-spacing:${letterSpacing}px;text-transform:${as}">${text}</span>`;

for (const family of someOf(shippedFamilies, 2))
  test(`texts in ${family.name} are as wide as Chromium sets them, in every language that it has the letters of`, async ({
    page,
  }) => {
    const samples = await samplesOf(family);
    expect(samples.length).toBeGreaterThan(60);
    const faces = shippedFiles(family, [samples[0]!.setting], new Set(Object.values(labels).flat().join('')))
      .map((file) => {
        const url = `url(/${shippedFileName(file)}) format('woff2')`;
        return `@font-face { font-family: tried; src: ${url}; unicode-range: ${unicodeRange(file)}; }`;
      })
      .join('\n');
    await page.route(`${ORIGIN}/**`, (route) => {
      const font = shippedFileNamed(new URL(route.request().url()).pathname.slice(1));
      if (font) return route.fulfill({ contentType: 'font/woff2', body: shippedFontBytes(font) });
      const style = `${faces} span { display: inline-block; font-family: tried; text-rendering: geometricPrecision; }`;
      const body = `<!doctype html><meta charset="utf-8"><style>${style}</style>${samples.map(spanOf).join('<br>')}`;
      return route.fulfill({ contentType: 'text/html', body });
    });
    await page.goto(ORIGIN);
    const seen = await page.evaluate(async () => {
      await document.fonts.ready;
      return [...document.querySelectorAll('span')].map((span) => span.getBoundingClientRect().width);
    });
    const said = await measured(db, (advances) =>
      samples.map(({ setting, text, language }) =>
        textWidth(sampleSite(), advances, setting, text, language),
      ),
    );
    const off = samples
      .map((sample, index) => ({ ...sample, said: said[index]!, seen: seen[index]! }))
      .filter((each) => Math.abs(each.said - each.seen) > 0.1)
      .map(({ text, language, setting, ...each }) =>
        [language, JSON.stringify(text), setting.case, setting.letterSpacing, each.said, each.seen].join(' '),
      );
    expect(off).toEqual([]);
  });
