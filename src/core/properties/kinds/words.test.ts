import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as v from 'valibot';
import type { Link } from '../link';
import { plainWords, readWords, typedWords, wordsKind, type Words } from './words';

const readLink = (target: string) =>
  target.startsWith('/')
    ? ({ ok: true, link: { to: 'page', page: target.slice(1) } } as const)
    : ({ ok: false, reason: `No page ${target}` } as const);
const target = (link: Link) => (link.to === 'page' ? `/${link.page}` : '?');

test('words that lead somewhere are typed in brackets', () => {
  expect(readWords('See [the boats](/boats) and [fares](/fares).', readLink)).toEqual({
    ok: true,
    value: [
      'See ',
      { words: 'the boats', link: { to: 'page', page: 'boats' } },
      ' and ',
      { words: 'fares', link: { to: 'page', page: 'fares' } },
      '.',
    ],
  });
  expect(readWords('Only [brackets] (and round ones)', readLink)).toEqual({
    ok: true,
    value: ['Only [brackets] (and round ones)'],
  });
  expect(readWords('', readLink)).toEqual({ ok: true, value: [] });
});

test('a target that is none is refused with its reason', () => {
  expect(readWords('See [this](gone)', readLink)).toEqual({ ok: false, reason: 'No page gone' });
});

test('what is typed is read back as it was', () => {
  const text = fc.stringMatching(/^[a-z .]{1,12}$/);
  const run = fc.oneof(
    text,
    fc.record({
      words: text,
      link: fc.stringMatching(/^[a-z]{1,6}$/).map((page): Link => ({ to: 'page', page })),
    }),
  );
  // Texts that follow each other are one text.
  const words = fc.array(run, { maxLength: 6 }).map((runs) =>
    runs.reduce<(typeof runs)[number][]>((all, each) => {
      const last = all.at(-1);
      if (typeof each === 'string' && typeof last === 'string') all[all.length - 1] = last + each;
      else all.push(each);
      return all;
    }, []),
  );
  fc.assert(
    fc.property(words, (each) => {
      expect(readWords(typedWords(each, target), readLink)).toEqual({ ok: true, value: each });
    }),
  );
});

test('a line points at what its links lead to, and leads elsewhere when that goes away', () => {
  const kind = wordsKind(100);
  const words: Words = [
    'To ',
    { words: 'a', link: { to: 'page', page: 'a' } },
    { words: 'b', link: { to: 'page', page: 'b' } },
  ];
  expect(kind.references!(words)).toEqual([
    { to: 'pages', id: 'a' },
    { to: 'pages', id: 'b' },
  ]);
  const turned = kind.redirected!(words, { to: 'pages', id: 'a' }, { to: 'nothing' });
  expect(turned[1]).toEqual({ words: 'a', link: { to: 'nothing' } });
  expect(turned[2]).toEqual(words[2]);
  expect(plainWords(turned)).toBe('To ab');
});

test('a line is bounded as a whole, and holds no line breaks', () => {
  const { schema } = wordsKind(5);
  expect(v.is(schema, ['abc', 'de'])).toBe(true);
  expect(v.is(schema, ['abc', 'def'])).toBe(false);
  expect(v.is(schema, ['a\nb'])).toBe(false);
  expect(v.is(schema, [{ words: 'a', link: { to: 'address', address: 'javascript:alert(1)' } }])).toBe(false);
});
