import { expect, test } from '@jest/globals';
import { foundSpecimens, meantSpecimen } from './found-specimens';

const items = [
  { name: 'Menu', about: 'In a row, or behind a button.' },
  { name: 'Close button', about: 'Closes the drawer.' },
  { name: 'Button', about: 'What visitors are to do.' },
];
const found = (text: string) => foundSpecimens(items, text).map(({ name }) => name);
const meant = (text: string) => meantSpecimen(foundSpecimens(items, text), text)?.name;

test('what is called by a text comes before what only tells of it, and Enter means what begins with it', () => {
  expect(found('')).toHaveLength(3);
  expect(found(' BUTTON ')).toEqual(['Close button', 'Button']);
  expect(meant('button')).toBe('Button');
  expect(meant('close')).toBe('Close button');
  expect(found('visitors')).toEqual(['Button']);
  expect(meant('visitors')).toBe('Button');
  expect([found('nothing'), meant('nothing'), meant(' ')]).toEqual([[], undefined, undefined]);
});
