import { afterAll, beforeAll, expect, jest, test } from '@jest/globals';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { OpeningAt } from '@/core/render/opening';
import { lookHere } from '../bytes/look';
import { openDatabase } from '../db/open';
import { seedDemo } from '../demo/seed';
import { loadSite, type StoredSite } from '../sites/store';
import { lastingJob } from './job-process';
import { openingText } from './opening';

const folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-opening-'));
const opened = { kind: 'headers', assembly: 'h-main' } as const;
let stored: StoredSite;

beforeAll(async () => {
  process.env.DATA_DIR = folder;
  const db = openDatabase(folder);
  await seedDemo(db, lookHere, new Date(0));
  stored = loadSite(db, 'hollin-sound')!;
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** The same state as another object, of which nothing is known. */
const anew = (): StoredSite => ({ ...stored, site: { ...stored.site } });

test('it is worked out in a process of its own, once for a state of a site, with all texts measured', async () => {
  const text = await openingText(stored, opened);
  const { revision, way, shown, texts } = JSON.parse(text) as OpeningAt;
  expect(revision).toBe(stored.revision);
  expect(way!.rules.map(({ reason }) => reason)).not.toContain('unmeasured');
  expect(shown).toContain('h-main');
  expect(texts.widths.length).toBeGreaterThan(50);
  expect(await openingText(stored, opened)).toBe(text);
});

test('a process that ended is followed by another one; what failed is asked for again', async () => {
  const state = anew();
  const asked = openingText(state, opened);
  lastingJob('opening', 0).kill('SIGKILL');
  await expect(asked).rejects.toThrow('in the browser');
  expect(JSON.parse(await openingText(state, opened))).toMatchObject({
    ...opened,
    revision: stored.revision,
  });
});

test('what cannot be worked out says why, and keeps nothing else from being', async () => {
  const gone = openingText(anew(), { kind: 'headers', assembly: 'gone' });
  const there = openingText(anew(), opened);
  await expect(gone).rejects.toThrow('TypeError');
  expect(await there).toBe(await openingText(stored, opened));
});

test('one that does not answer is ended, so that no page loads for ever', async () => {
  const job = lastingJob('opening', 0);
  job.kill('SIGSTOP');
  jest.useFakeTimers({ doNotFake: ['nextTick', 'queueMicrotask', 'setImmediate'] });
  const asked = openingText(anew(), opened);
  jest.advanceTimersByTime(30_000);
  jest.useRealTimers();
  await expect(asked).rejects.toThrow('in the browser');
  expect(job.connected).toBe(false);
});
