import { expect, jest, test } from '@jest/globals';
import { textKey, unmeasured } from '@/core/text/advances';
import type { FontSource } from '@/core/text/font-source';
import { nothingMeasured, type MeasuredTexts } from '@/core/text/measuring';
import type { TextAnswer, TextQuestion } from '@/workers/text-messages';
import type { KeptWidths } from './kept-widths';
import { advancesStore, PATIENCE } from './text-advances';

const shipped: FontSource = {
  from: 'shipped',
  name: 'a-latin-400-normal.woff2',
  weight: null,
  language: 'en',
};
const upload: FontSource = { from: 'upload', name: 'ab12', weight: 450, language: 'en' };

/** A place to keep what was measured, which begins with something. */
function place(from: MeasuredTexts | null = null): KeptWidths & { kept: MeasuredTexts | null } {
  const own = {
    kept: from,
    recall: () => own.kept,
    keep: (measured: MeasuredTexts) => {
      own.kept = { widths: new Map(measured.widths), metrics: new Map(measured.metrics) };
    },
  };
  return own;
}

function asked(kept = place()) {
  const questions: TextQuestion[] = [];
  const answers: ((answer: TextAnswer) => void)[] = [];
  const ask = (question: TextQuestion, answered: (answer: TextAnswer) => void) => {
    questions.push(question);
    answers.push(answered);
  };
  const store = advancesStore('s', ask, kept);
  store.recall();
  store.begin();
  return { store, questions, answers };
}

test('what is not known is asked for once, all of it at once, and drawn again when it has come', async () => {
  const { store, questions, answers } = asked();
  const { advances } = store.getState();
  expect([advances.of(shipped, 'One'), advances.of(upload, 'Two'), advances.of(shipped, 'One')]).toEqual([
    null,
    null,
    null,
  ]);
  await Promise.resolve();
  expect(questions).toEqual([
    {
      number: 1,
      fonts: [
        { source: shipped, address: '/fonts/a-latin-400-normal.woff2/sfnt', texts: ['One'] },
        { source: upload, address: '/api/sites/s/bytes/ab12/sfnt', texts: ['Two'] },
      ],
    },
  ]);
  answers[0]!({ number: 1, metrics: [], advances: [[1.5], [2.5]] });
  const after = store.getState().advances;
  expect(after).not.toBe(advances);
  expect([after.of(shipped, 'One'), after.of(upload, 'Two')]).toEqual([1.5, 2.5]);
  await Promise.resolve();
  expect(questions).toHaveLength(1);
});

test('a font that cannot be had leaves its texts unknown, and nothing is drawn again for it', async () => {
  const { store, answers } = asked();
  const { advances } = store.getState();
  advances.of(upload, 'Two');
  await Promise.resolve();
  answers[0]!({ number: 1, metrics: [], advances: [null] });
  expect(store.getState().advances).toBe(advances);
  expect(advances.of(upload, 'Two')).toBeNull();
});

test('what was measured on an earlier visit is known at once, and is not asked for again', async () => {
  jest.useFakeTimers({ doNotFake: ['queueMicrotask'] });
  const kept = place();
  const first = asked(kept);
  first.store.getState().advances.of(shipped, 'One');
  await Promise.resolve();
  const metrics = [{ ascent: 1, descent: 0.25, gap: 0 }];
  first.answers[0]!({ number: 1, metrics, advances: [[1.5]] });
  expect(kept.kept).toBeNull();
  jest.runAllTimers();
  jest.useRealTimers();

  const again = asked(kept);
  const { advances } = again.store.getState();
  expect([advances.of(shipped, 'One'), advances.metrics!(shipped)]).toEqual([1.5, metrics[0]]);
  await Promise.resolve();
  expect(again.questions).toEqual([]);
});

test('nothing is asked for before it has begun', async () => {
  const questions: TextQuestion[] = [];
  const store = advancesStore('s', (question) => questions.push(question), place());
  store.recall();
  expect(store.getState().advances.of(shipped, 'One')).toBeNull();
  await Promise.resolve();
  expect(questions).toEqual([]);
});

const measured = (...texts: [FontSource, string, number][]): MeasuredTexts => ({
  ...nothingMeasured(),
  widths: new Map(texts.map(([source, text, width]) => [textKey(source, text), width])),
});

test('what another worker measures from the start is waited for, and only the rest is asked for', async () => {
  const questions: TextQuestion[] = [];
  const store = advancesStore('s', (question) => questions.push(question), place());
  store.recall();
  store.waitFor();
  store.begin();
  expect(store.getState().advances.of(shipped, 'One')).toBeNull();
  await Promise.resolve();
  expect(questions).toEqual([]);
  store.learn(measured([shipped, 'One', 1.5]));
  const { advances } = store.getState();
  expect([advances.of(shipped, 'One'), advances.of(shipped, 'Two')]).toEqual([1.5, null]);
  await Promise.resolve();
  expect(questions.map(({ fonts }) => fonts[0]!.texts)).toEqual([['Two']]);
});

test('what was kept is known with what is waited for, and not before', () => {
  const kept = place(measured([shipped, 'One', 1.5]));
  const store = advancesStore('s', () => {}, kept);
  store.waitFor();
  store.recall();
  store.begin();
  expect(store.getState().advances.of(shipped, 'One')).toBeNull();
  store.learn(measured([shipped, 'Two', 2]));
  const { advances } = store.getState();
  expect([advances.of(shipped, 'One'), advances.of(shipped, 'Two')]).toEqual([1.5, 2]);
});

test('where the other worker comes to nothing, all is asked for', async () => {
  const questions: TextQuestion[] = [];
  const store = advancesStore('s', (question) => questions.push(question), place());
  store.waitFor();
  store.begin();
  store.learn(nothingMeasured());
  expect(store.getState().advances.of(shipped, 'One')).toBeNull();
  await Promise.resolve();
  expect(questions).toHaveLength(1);
});

test('a worker that never answers is not waited for for ever', async () => {
  jest.useFakeTimers({ doNotFake: ['queueMicrotask'] });
  const questions: TextQuestion[] = [];
  const store = advancesStore('s', (question) => questions.push(question), place());
  store.waitFor();
  store.begin();
  jest.advanceTimersByTime(PATIENCE - 1);
  store.getState().advances.of(shipped, 'One');
  await Promise.resolve();
  expect(questions).toHaveLength(0);
  jest.advanceTimersByTime(1);
  jest.useRealTimers();
  store.getState().advances.of(shipped, 'One');
  await Promise.resolve();
  expect(questions).toHaveLength(1);
});

test('what is learned is drawn anew only where it was asked for in vain', () => {
  const { store } = asked();
  const { advances } = store.getState();
  expect(advances.of(shipped, 'One')).toBeNull();
  store.learn(measured([shipped, 'Two', 2]));
  expect(store.getState().advances).toBe(advances);
  expect(advances.of(shipped, 'Two')).toBe(2);
  store.learn(measured([shipped, 'One', 1]));
  expect(store.getState().advances).not.toBe(advances);
});

test('what is drawn aside is drawn again only when what it asked for has come, and has nothing else drawn again', async () => {
  const { store, answers } = asked();
  const aside = store.aside();
  // Before it has joined it is told nothing.
  expect(aside.getState().advances.of(shipped, 'One')).toBeNull();
  const leave = aside.join();
  const [main, own] = [store.getState().advances, aside.getState().advances];
  expect(own.of(shipped, 'One')).toBeNull();
  await Promise.resolve();
  answers[0]!({ number: 1, metrics: [], advances: [[1.5]] });
  expect(store.getState().advances).toBe(main);
  expect(aside.getState().advances).not.toBe(own);
  const known = aside.getState().advances;
  expect([main.of(shipped, 'One'), known.of(shipped, 'One')]).toEqual([1.5, 1.5]);
  expect(main.of(shipped, 'Two')).toBeNull();
  await Promise.resolve();
  answers[1]!({ number: 2, metrics: [], advances: [[2.5]] });
  expect(store.getState().advances).not.toBe(main);
  expect(aside.getState().advances).toBe(known);
  // Once it has left it waits for nothing.
  expect(known.of(shipped, 'Three')).toBeNull();
  await Promise.resolve();
  leave();
  answers[2]!({ number: 3, metrics: [], advances: [[3.5]] });
  expect(aside.getState().advances).toBe(known);
});

test('what is drawn aside begins with the others', () => {
  const store = advancesStore('s', () => {}, place());
  const aside = store.aside();
  aside.join();
  expect(aside.getState().advances).toBe(unmeasured);
  store.begin();
  expect(aside.getState().advances).not.toBe(unmeasured);
});

test('what measures texts is had ready without asking for any', async () => {
  const { store, questions, answers } = asked();
  const { advances } = store.getState();
  store.prepare();
  expect(questions).toEqual([{ number: 1, fonts: [] }]);
  answers[0]!({ number: 1, advances: [], metrics: [] });
  expect(store.getState().advances).toBe(advances);
  expect(advances.of(shipped, 'One')).toBeNull();
  await Promise.resolve();
  expect(questions.map(({ number }) => number)).toEqual([1, 2]);
});
