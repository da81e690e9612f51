import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { afterPainting, paintingElsewhere } from './after-painting';

/** What waits for the next frame; null as long as none is drawn. */
let frame: (() => void) | null = null;
let called = 0;
const call = () => (called += 1);

beforeEach(() => {
  jest.useFakeTimers();
  [frame, called] = [null, 0];
  globalThis.requestAnimationFrame = (work) => {
    frame = () => work(0);
    return 1;
  };
  globalThis.cancelAnimationFrame = () => (frame = null);
});
afterEach(() => {
  jest.useRealTimers();
});

test('it is called once, in the task after the next frame', () => {
  afterPainting(call);
  expect(frame).toBeNull();
  jest.advanceTimersByTime(0);
  expect(called).toBe(0);
  frame!();
  expect(called).toBe(0);
  jest.runAllTimers();
  expect(called).toBe(1);
});

test('in a window that draws nothing it is called after a while', () => {
  afterPainting(call);
  jest.advanceTimersByTime(300);
  expect(called).toBe(0);
  jest.runAllTimers();
  expect(called).toBe(1);
  expect(frame).toBeNull();
});

test('what is called off is not called, whatever was waited for', () => {
  const early = afterPainting(call);
  early();
  const late = afterPainting(call);
  jest.advanceTimersByTime(0);
  frame!();
  late();
  jest.runAllTimers();
  expect(called).toBe(0);
});

test('it waits for what is painted elsewhere, all of it', () => {
  const [one, other] = [paintingElsewhere(), paintingElsewhere()];
  afterPainting(call);
  jest.advanceTimersByTime(0);
  frame!();
  jest.advanceTimersByTime(0);
  one();
  one();
  expect(called).toBe(0);
  other();
  expect(called).toBe(1);
  jest.runAllTimers();
  expect(called).toBe(1);
});

test('what is never painted elsewhere is not waited for again', () => {
  paintingElsewhere();
  afterPainting(call);
  jest.advanceTimersByTime(0);
  frame!();
  jest.advanceTimersByTime(300);
  expect(called).toBe(0);
  jest.runAllTimers();
  expect(called).toBe(1);
  afterPainting(call);
  jest.advanceTimersByTime(0);
  frame!();
  jest.advanceTimersByTime(0);
  expect(called).toBe(2);
});

test('what waits for what is painted elsewhere is called off', () => {
  const over = paintingElsewhere();
  const callOff = afterPainting(call);
  jest.advanceTimersByTime(0);
  frame!();
  jest.advanceTimersByTime(0);
  callOff();
  over();
  jest.runAllTimers();
  expect(called).toBe(0);
});
