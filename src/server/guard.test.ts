import { expect, test } from '@jest/globals';
import { guardProblem } from './guard';

const host = '127.0.0.1:4300';

test.each([
  ['GET', host, null],
  ['GET', 'localhost:3000', 'null'],
  ['POST', host, `http://${host}`],
  ['POST', host, null],
  ['GET', '[::1]:80', null],
])('%s to %s from %s is answered', (method, name, origin) => {
  expect(guardProblem(method, name, origin)).toBeNull();
});

test.each([
  ['GET', 'evil.example', null],
  ['GET', null, null],
  ['GET', '127.0.0.1.evil.example', null],
  ['POST', host, 'https://evil.example'],
  ['POST', host, 'null'],
  ['DELETE', host, 'http://127.0.0.1:9999'],
])('%s to %s from %s is not', (method, name, origin) => {
  expect(guardProblem(method, name, origin)).toEqual(expect.any(String));
});
