import { expect } from '@playwright/test';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileHas } from '../src/core/brand/font-gaps';
import {
  shippedFamilies,
  shippedFileNamed,
  shippedFileName,
  shippedFiles,
  unicodeRange,
  measuredFamily,
  type FontFace,
  type ShippedFamily,
} from '../src/core/brand/fonts';
import { standInOf } from '../src/core/brand/stand-ins';
import { sampleSite } from '../src/core/site/sample.test-data';
import { lackedByShipped } from '../src/core/text/font-source';
import { stretches } from '../src/core/text/line-breaks';
import { cased } from '../src/core/text/text-extent';
import { standInSizeOf, textWidth, type TextSetting } from '../src/core/text/text-width';
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
  vi: ['Tiếng Việt', 'Đường phố', 'Giờ mở cửa', 'Trợ giúp'],
  is: ['Þjónusta', 'Ævintýri'],
  bg: ['Българският език', 'Градове'],
  ru: ['Расписание', 'Мосты и острова'],
  kk: ['Жүру кестесі', 'Қалалар', 'Әуежай'],
  sr: ['Београд', 'Пут'],
  el: ['Ελλάδα', 'Ταξίδια', 'ἀρχή', 'Ἀθῆναι'],
  he: ['שלום עולם', 'תפריט'],
  ar: ['مرحبا بكم', 'القائمة'],
  es: ['¿Cuándo?', '¡Mañana!', '24 €', '½ + ¼', 'nº 5', '1.º'],
  pt: ['Informações', 'Às ilhas'],
  sv: ['Ä/Ö', 'Båtar – öar', '«Båtar»'],
  lt: ['Mė̃nesiai', 'Įplaukos', 'Žvejyba', 'Ė́'],
  lv: ['Ģimenēm', 'Ķekava', 'Ļoti ātri', 'Ņemt'],
  hr: ['Ǆep', 'Ǉubav', 'Đaci', 'Čamci'],
  mt: ['Ħinijiet', 'Għawdex', 'Ċentru'],
  cy: ['Ŵyna', 'Tŷ’r môr'],
  eo: ['Ŝipoj', 'Ĥoroj', 'Ŭesto', 'Ĵurnalo'],
  mk: ['Ќерки', 'Ѓаци', 'Ѕвезди'],
  uk: ['Їжа', 'Ґанок', '№ 5'],
  fa: ['برنامه', 'جزیره‌ها', 'پرسش‌ها', 'گشت', '۱۲۳'],
  ur: ['اوقات', 'ٹکٹ', 'جزیرے', 'ڈاک', 'ہے'],
  yi: ['פֿאָרן', 'אינדזלען', 'הילף', 'שׁלוֹם'],
  'de-AT': [
    '„Meer“',
    'E\u2011Mail',
    '50 %',
    '(auch) so',
    'Öffnungs\u00adzeiten',
    'z.\u202fB.',
    'a\u2009b',
    '→ Boot',
    '× ÷ ±',
    '☎ 5',
    '✓ ja',
  ],
  'en-GB': [
    'Terms/conditions',
    '01632-960117',
    'A\u00a0to\u00a0Z',
    'Cafe\u0301 a\u0300',
    'x\u0302y',
    '“quoted”',
    'it’s…',
    '© 2026',
    '™ ®',
    '§ 5 ¶',
    'o\u0308',
    '⛴ Boat',
  ],
};

interface Sample {
  setting: TextSetting;
  text: string;
  language: string;
}

/** The samples that a family can set together with what stands in for it: the rest is as the visitor's machine has it. */
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
  const installed = measuredFamily(standInOf(family.id).measuredBy)!;
  return all.filter(({ setting, text, language }) => {
    const lacking = lackedByShipped(family.id, cased(text, setting.case, language));
    return lacking.every((letter) =>
      installed.subsets.some((subset) => [...letter].every((each) => fileHas(installed.id, subset, each))),
    );
  });
}

/** The faces of a family for some letters, as CSS that calls them otherwise. */
function facesOf(family: string, face: FontFace, name: string, size: number): string {
  const files = shippedFiles(measuredFamily(family)!, [face], new Set(Object.values(labels).flat().join('')));
  return files
    .map((file) => {
      const url = `url(/${shippedFileName(file)}) format('woff2')`;
      return `@font-face { font-family: ${name}; src: ${url}; unicode-range: ${unicodeRange(file)}; size-adjust: ${100 * size}%; }`;
    })
    .join('\n');
}

const spanOf = ({ setting: { size, letterSpacing, case: as }, text, language }: Sample) =>
  `<span lang="${language}" style="font-size:${size}px;letter-spacing:${letterSpacing}px;text-transform:${as}">${text}</span>`;

for (const family of someOf(shippedFamilies, 2))
  test(`texts in ${family.name} are as wide as Chromium sets them, in every language that it has the letters of`, async ({
    page,
  }) => {
    const samples = await samplesOf(family);
    expect(samples.length).toBeGreaterThan(60);
    const { setting } = samples[0]!;
    const size = await measured(db, (advances) => standInSizeOf(sampleSite(), advances, setting));
    const faces = `${facesOf(family.id, setting, 'tried', 1)}\n${facesOf(standInOf(family.id).measuredBy, setting, 'stood', size!)}`;
    await page.route(`${ORIGIN}/**`, (route) => {
      const font = shippedFileNamed(new URL(route.request().url()).pathname.slice(1));
      if (font) return route.fulfill({ contentType: 'font/woff2', body: shippedFontBytes(font) });
      const style = `${faces} span { display: inline-block; font-family: tried, stood; text-rendering: geometricPrecision; }`;
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
      .filter((each) => Math.abs(each.said - each.seen) > 0.2)
      .map(({ text, language, setting, ...each }) =>
        [language, JSON.stringify(text), setting.case, setting.letterSpacing, each.said, each.seen].join(' '),
      );
    expect(off).toEqual([]);
  });

/** Signs of keyboards, with a letter and a figure for all of them, each beside each other: in words, in numbers and between words. */
const signs = Array.from({ length: 94 }, (_, index) => String.fromCharCode(33 + index)).filter(
  (sign) => !/[B-Zb-z2-9]/.test(sign),
);
const pairs = signs.flatMap((one) =>
  signs.flatMap((other) => [`a${one}${other}b`, `1${one}${other}2`, `a ${one}${other} b`]),
);
const sentences = [
  'Fähre „Meer“ (auch) so 50 %',
  'say “yes” (or) «no» [x]',
  '«¿Qué?» ¿No? ¿Cuándo? ¡Ya!',
  'it’s dogs’ (all) ‘tis 1 ’ (x)',
  'a—b – c wait… what A&B/C&D é—à',
  'z. B. (5 €) Tel.: +44 (0) 1632-960117',
  'http://example.org/path?x=1 e-mail@x.example 9:00-17:00',
  'w\u00a0x y a\u200bb',
  'שלום (עולם) مرحبا، (بكم)',
];

test('texts are broken into lines where Chromium breaks them', async ({ page }) => {
  const texts = [...pairs, ...sentences];
  await page.setContent('<meta charset="utf-8"><style>p { inline-size: 1px; margin: 0 }</style>');
  const seen = await page.evaluate((all) => {
    const paragraphs = all.map((text) => {
      const paragraph = document.createElement('p');
      paragraph.textContent = text;
      document.body.append(paragraph);
      return paragraph.firstChild!;
    });
    const range = document.createRange();
    return paragraphs.map((text) => {
      const breaks: number[] = [];
      let above: number | null = null;
      for (let at = 0; at < text.textContent!.length; at += 1) {
        range.setStart(text, at);
        range.setEnd(text, at + 1);
        const { top, width } = range.getBoundingClientRect();
        if (width === 0) continue;
        if (above !== null && top - above > 3) breaks.push(at);
        above = top;
      }
      return breaks;
    });
  }, texts);
  const said = texts.map((text) =>
    stretches(text)
      .slice(0, -1)
      .reduce<number[]>((ends, stretch) => [...ends, (ends.at(-1) ?? 0) + stretch.length], []),
  );
  const off = texts.flatMap((text, index) =>
    said[index]!.join() === seen[index]!.join()
      ? []
      : `${text}: behind ${said[index]!.join()}, in Chromium ${seen[index]!.join()}`,
  );
  expect(off).toEqual([]);
});
