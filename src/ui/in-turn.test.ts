import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { inTurn, LONGEST, PAUSE } from './in-turn';

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.runAllTimers();
  jest.useRealTimers();
});

/** Asks for turns that note their names, and gives what ends each. */
function asked(names: readonly string[]) {
  const begun: string[] = [];
  const ends = new Map<string, () => void>();
  const offs = names.map((name) =>
    inTurn((over) => {
      begun.push(name);
      ends.set(name, over);
    }),
  );
  return { begun, end: (name: string) => ends.get(name)!(), off: (nth: number) => offs[nth]!() };
}

test('one after another, each after a pause, and only when the last one is over', () => {
  const { begun, end } = asked(['one', 'two', 'three']);
  expect(begun).toEqual([]);
  jest.advanceTimersByTime(PAUSE);
  expect(begun).toEqual(['one']);
  jest.advanceTimersByTime(10 * PAUSE);
  expect(begun).toEqual(['one']);
  end('one');
  expect(begun).toEqual(['one']);
  jest.advanceTimersByTime(PAUSE);
  expect(begun).toEqual(['one', 'two']);
  end('two');
  // Said twice, it lets nobody else begin beside the next one.
  end('two');
  jest.advanceTimersByTime(PAUSE);
  expect(begun).toEqual(['one', 'two', 'three']);
  end('three');
});

test('one that is called off has no turn, or ends it', () => {
  const { begun, off, end } = asked(['one', 'two', 'three']);
  off(1);
  jest.advanceTimersByTime(PAUSE);
  off(0);
  jest.advanceTimersByTime(PAUSE);
  expect(begun).toEqual(['one', 'three']);
  end('three');
});

test('all called off before their turn, the next one who asks is not kept waiting', () => {
  const { off } = asked(['one']);
  off(0);
  jest.advanceTimersByTime(PAUSE);
  const { begun, end } = asked(['two']);
  jest.advanceTimersByTime(PAUSE);
  expect(begun).toEqual(['two']);
  end('two');
});

test('one that never says that it is over is not waited for for ever', () => {
  const { begun, end } = asked(['one', 'two']);
  jest.advanceTimersByTime(PAUSE + LONGEST + PAUSE);
  expect(begun).toEqual(['one', 'two']);
  end('two');
});
