import { expect, test } from '@jest/globals';
import type { CssNode } from '../../markup/css';
import { stylesheetText, written } from '../../markup/stylesheet';
import { askedNames, withoutUnasked } from './asked-names';

const named = new Set(['--ink', '--line', '--rust', '--foam']);
const trimmed = (nodes: readonly CssNode[]) =>
  stylesheetText(written(withoutUnasked(nodes, named, askedNames(nodes, named))));

test('what nothing asks for goes, and what something asks for through another name stays, in media too', () => {
  const nodes: CssNode[] = [
    { ':root': { '--ink': '#111', '--line': 'var(--rust)', '--rust': '#a31', '--foam': '#eee' } },
    {
      at: '@media (prefers-color-scheme: dark)',
      inside: [{ ':root': { '--foam': '#222', '--ink': '#fff' } }],
    },
    { '.bar': { border: '1px solid var(--line, var(--ink))', '--own': '1' } },
  ];
  const css = trimmed(nodes);
  expect(css).not.toContain('--foam');
  expect(css).toContain('--rust: #a31;');
  expect(css).toContain('--ink: #fff;');
  // What is no name of the brand is read by scripts, or by others.
  expect(css).toContain('--own: 1;');
});

test('names that ask for each other in a ring, with nothing outside that asks, go', () => {
  const nodes: CssNode[] = [
    { ':root': { '--ink': 'var(--line)', '--line': 'var(--ink)' }, '.bar': { color: 'red' } },
  ];
  expect(trimmed(nodes)).toBe('.bar {\n  color: red;\n}\n');
});
