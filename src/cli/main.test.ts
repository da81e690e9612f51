import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { checkSite } from '@/core/checks/check-site';
import { copy, faults, tidy } from '@/core/checks/faults.test-data';
import { readSiteFile, writeSiteFile } from '@/core/formats/site-file';
import { madePages } from '@/core/formats/website/pages.test-data';
import { strToU8, zipSync } from 'fflate';
import * as v from 'valibot';
import { checksReportSchema } from '@/core/formats/checks-report';
import { fitReportSchema } from '@/core/formats/fit-report';
import { renderFiles } from '@/core/render/files';
import { partFiles } from '@/core/render/places/part-files';
import { reactFiles } from '@/core/render/react/react-files';
import { SITE_VERSION, type Site } from '@/core/site/site';
import { fileBytes, runtimeScripts } from '@/server/handover/sources';
import { measuringWith } from '@/server/text/measured';
import { main } from './main';
import { writeWhole } from './written';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-cli-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const noBytes = (hash: string): never => {
  throw new Error(`No bytes under ${hash}`);
};
const put = (name: string, site: Site) =>
  writeFileSync(path.join(folder, name), writeSiteFile(site, noBytes));

/** Runs a command in the folder: its exit code, and what it said and where. */
async function run(...typed: string[]): Promise<{ code: number; out: string; err: string }> {
  const said = { out: '', err: '' };
  const stream = (name: 'out' | 'err') => ({ write: (text: string) => void (said[name] += text) });
  const code = await main(['node', 'gable-ridge', ...typed], folder, {
    out: stream('out'),
    err: stream('err'),
  });
  return { code, ...said };
}

const faulty = (): Site => {
  const site = tidy();
  faults.contrast![0]![0](site);
  return site;
};

test('a site is looked over: 0 where nothing harms, 1 where something does, in words and as data', async () => {
  put('tidy.json', tidy());
  put('faulty.json', faulty());
  const clean = await run('check', 'tidy.json');
  expect([clean.code, clean.err]).toEqual([0, '']);
  expect((await run('check', 'tidy.json', '--strict')).code).toBe(1);
  const found = await run('check', 'faulty.json');
  expect(found.code).toBe(1);
  expect(found.out).toContain('the text has 1.');
  const data = JSON.parse((await run('check', 'faulty.json', '--json')).out) as {
    findings: { check: string }[];
  };
  expect(data.findings.some(({ check }) => check === 'contrast')).toBe(true);
  expect(v.is(checksReportSchema, data)).toBe(true);
});

test('what was accepted with a reason is told with it, and no longer counts', async () => {
  const site = faulty();
  const found = await measuringWith(noBytes)((advances) => checkSite({ site, advances }));
  const harming = found.filter(({ harm }) => harm !== 'untidy');
  expect(harming.length).toBeGreaterThan(0);
  put('left.json', {
    ...site,
    accepted: Object.fromEntries(harming.map(({ key }) => [key, 'The client wants it so'])),
  });
  const { code, out } = await run('check', 'left.json');
  expect(code).toBe(0);
  expect(out).toContain('(left, since: The client wants it so)');
});

test('how bars stand is told for every width, and 1 where one breaks', async () => {
  put('tidy.json', tidy());
  const site = tidy();
  faults.fit![0]![0](site);
  put('row.json', site);
  const clean = await run('fit', 'tidy.json');
  expect(clean.code).toBe(0);
  expect(clean.out).toMatch(/^Main header, Main bar \(en\)\n {2}320–/);
  const broken = await run('fit', 'row.json', '--json');
  expect(broken.code).toBe(1);
  const { bars } = JSON.parse(broken.out) as {
    bars: { breaks: boolean; rows: { from: number; to: number }[] }[];
  };
  expect(v.is(fitReportSchema, JSON.parse(broken.out))).toBe(true);
  for (const { rows } of bars) {
    expect([rows[0]!.from, rows.at(-1)!.to]).toEqual([320, 1920]);
    rows.slice(1).forEach(({ from }, index) => expect(from).toBe(rows[index]!.to + 1));
  }
  expect(bars.filter((each) => each.breaks)).toHaveLength(1);
});

test('two site files are compared in words: 0 where they say the same, 1 where they do not', async () => {
  put('one.json', tidy());
  put('other.json', { ...copy(tidy()), name: 'Tern Head' });
  expect(await run('diff', 'one.json', 'one.json')).toEqual({ code: 0, out: 'Nothing differs.\n', err: '' });
  const { code, out } = await run('diff', 'one.json', 'other.json');
  expect(code).toBe(1);
  expect(out).toContain('Tern Point → Tern Head');
});

test('what is rendered is what is handed over, byte for byte, and takes the place of what was rendered before', async () => {
  const site = tidy();
  put('site.json', site);
  expect((await run('render', 'site.json', 'out')).code).toBe(0);
  const files = await measuringWith(noBytes)((advances) => renderFiles(site, runtimeScripts(site), advances));
  for (const file of files)
    expect(readFileSync(path.join(folder, 'out', file.path)).equals(fileBytes(noBytes, file))).toBe(true);
  // Others read it as they read any folder that is made.
  mkdirSync(path.join(folder, 'any'));
  expect(statSync(path.join(folder, 'out')).mode).toBe(statSync(path.join(folder, 'any')).mode);
  const again = await run('render', 'site.json', 'out');
  expect([again.code, again.err]).toEqual([2, expect.stringContaining('is not empty')]);
  writeFileSync(path.join(folder, 'out', 'left-over.txt'), 'x');
  expect((await run('render', 'site.json', 'out', '--replace')).code).toBe(0);
  expect(existsSync(path.join(folder, 'out', 'left-over.txt'))).toBe(false);
  expect(readdirSync(folder).sort()).toEqual(['any', 'out', 'site.json']);
});

test.each([
  ['parts', partFiles, 'places.json'],
  ['react', reactFiles, 'components/index.ts'],
] as const)(
  'a site is written as %s, and what was written before gives way to it',
  async (command, filesOf, mark) => {
    const site = tidy();
    put('site.json', site);
    expect((await run(command, 'site.json', 'out')).code).toBe(0);
    const files = await measuringWith(noBytes)((advances) => filesOf(site, runtimeScripts(site), advances));
    for (const file of files)
      expect(readFileSync(path.join(folder, 'out', file.path)).equals(fileBytes(noBytes, file))).toBe(true);
    expect(existsSync(path.join(folder, 'out', mark))).toBe(true);
    expect((await run(command, 'site.json', 'out', '--replace')).code).toBe(0);
    // A website in its place is another thing.
    expect((await run('render', 'site.json', 'website')).code).toBe(0);
    expect((await run(command, 'site.json', 'website', '--replace')).code).toBe(2);
    expect(existsSync(path.join(folder, 'website/index.html'))).toBe(true);
  },
);

test('a folder that holds something else is not replaced, and nothing is half-written', async () => {
  put('site.json', tidy());
  mkdirSync(path.join(folder, 'mine'));
  writeFileSync(path.join(folder, 'mine', 'notes.txt'), 'keep');
  const refused = await run('render', 'site.json', 'mine', '--replace');
  expect([refused.code, refused.err]).toEqual([2, expect.stringContaining('so it is not replaced')]);
  writeFileSync(path.join(folder, 'file'), 'x');
  const inFile = await run('render', 'site.json', 'file/out');
  expect([inFile.code, inFile.err]).toEqual([2, expect.stringContaining('Nothing was changed')]);
  expect((await run('render', 'site.json', 'gone/out')).code).toBe(2);
  expect(readdirSync(folder).sort()).toEqual(['file', 'mine', 'site.json']);
  expect(readdirSync(path.join(folder, 'mine'))).toEqual(['notes.txt']);
});

test('a file of an older version is brought to this one, in its place or elsewhere', async () => {
  const frozen = path.resolve('src/core/site/frozen');
  const [oldest] = readdirSync(frozen)
    .filter((name) => name.endsWith('.json'))
    .sort();
  writeFileSync(path.join(folder, 'old.json'), readFileSync(path.join(frozen, oldest!)));
  expect((await run('upgrade', 'old.json', '--to', 'new.json')).code).toBe(0);
  const reading = readSiteFile(readFileSync(path.join(folder, 'new.json'), 'utf8'));
  expect(reading.ok && reading.file.site.version).toBe(SITE_VERSION);
  expect((await run('upgrade', 'old.json')).code).toBe(0);
  expect(readFileSync(path.join(folder, 'old.json'))).toEqual(readFileSync(path.join(folder, 'new.json')));
  expect(readdirSync(folder).sort()).toEqual(['new.json', 'old.json']);
});

test('a page that exists is read into a site, line by line; what was not understood is told with its line', async () => {
  const [known] = madePages;
  writeFileSync(path.join(folder, 'page.html'), known!.html);
  const { code, out } = await run('read', 'page.html', '--to', 'site.json');
  expect(code).toBe(0);
  expect(out).toMatch(/Logo “Alder Quay”\n.*Menu “Main” of the header, 3 items\n/s);
  expect((await run('check', 'site.json')).code).toBe(0);
  writeFileSync(path.join(folder, 'broken.html'), madePages.at(-1)!.html);
  const broken = await run('read', 'broken.html', '--json');
  expect(broken.code).toBe(1);
  expect((JSON.parse(broken.out) as { problems: object[] }).problems.length).toBeGreaterThan(0);
  mkdirSync(path.join(folder, 'pages/boats'), { recursive: true });
  writeFileSync(path.join(folder, 'pages/index.html'), known!.html);
  writeFileSync(path.join(folder, 'pages/boats/small.html'), '<html lang="en"><title>Small boats</title>');
  expect((await run('read', 'pages')).out).toContain('one page of the folder');
  writeFileSync(path.join(folder, 'pages.zip'), zipSync({ 'index.html': strToU8(known!.html) }));
  expect((await run('read', 'pages.zip')).out).toContain('Menu “Main” of the header');
  writeFileSync(path.join(folder, 'torn.zip'), 'PK');
  expect(await run('read', 'torn.zip')).toMatchObject({
    code: 2,
    err: expect.stringContaining('It is no zip'),
  });
  expect((await run('read', 'gone.zip')).err).toContain('there is no such file');
  mkdirSync(path.join(folder, 'bare'));
  expect((await run('read', 'bare')).err).toContain('bare holds no page');
  writeFileSync(path.join(folder, 'text.html'), 'Boats');
  expect((await run('read', 'text.html', '--to', 'none.json')).code).toBe(2);
  expect(existsSync(path.join(folder, 'none.json'))).toBe(false);
});

test.each([
  ['a file that is not there', ['check', 'nothing.json'], 'there is no such file'],
  ['a folder in its place', ['check', '.'], 'it is a folder'],
  ['what is no JSON', ['check', 'torn.json'], 'This is not JSON'],
  ['another form', ['fit', 'other.json'], 'no site file'],
  ['a newer version', ['diff', 'newer.json', 'newer.json'], 'version'],
  ['an unknown command', ['paint', 'site.json'], 'unknown command'],
  ['an unknown option', ['check', 'site.json', '--loud'], 'unknown option'],
  ['no file at all', ['check'], 'missing required argument'],
])('%s is said, with 2 as the exit code', async (_, typed, says) => {
  put('site.json', tidy());
  const text = readFileSync(path.join(folder, 'site.json'), 'utf8');
  writeFileSync(path.join(folder, 'torn.json'), text.slice(0, 400));
  writeFileSync(path.join(folder, 'other.json'), '{"form":"another"}');
  writeFileSync(
    path.join(folder, 'newer.json'),
    text.replace(`"version": ${SITE_VERSION}`, '"version": 999'),
  );
  const { code, out, err } = await run(...typed);
  expect([code, out, err]).toEqual([2, '', expect.stringContaining(says)]);
});

test('a site file that could not be opened again is not written', () => {
  const to = path.join(folder, 'large.json');
  expect(() => writeWhole(to, 'large.json', 'x'.repeat(64 * 1024 * 1024 + 1))).toThrow('cannot be opened');
  expect(readdirSync(folder)).toEqual([]);
});

test('what is offered is told', async () => {
  const { code, out } = await run('--help');
  expect(code).toBe(0);
  for (const name of ['check', 'fit', 'render', 'parts', 'react', 'diff', 'upgrade', 'read'])
    expect(out).toContain(`  ${name} `);
});

test('a file without rights to it is said', async () => {
  put('site.json', tidy());
  chmodSync(path.join(folder, 'site.json'), 0o000);
  // Who may read everything reads this, too.
  const { code, err } = await run('diff', 'site.json', 'site.json');
  expect(process.getuid?.() === 0 ? code : err).toEqual(
    process.getuid?.() === 0 ? 0 : expect.stringContaining('it may not be read'),
  );
});
