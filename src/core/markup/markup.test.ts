import { expect, test } from '@jest/globals';
import { AS_IT_COMES, changedRules, cssString, hoverable, joinRules, type CssNode } from './css';
import { el, writeHtml } from './html';
import { stylesheetText, written } from './stylesheet';

const writeCss = (nodes: readonly CssNode[]) => stylesheetText(written(nodes));

test('text and attributes are escaped, whatever they hold', () => {
  const html = writeHtml(el('a', { href: '/?a=1&b="2"', title: '<x>' }, '<script>alert("1")</script> & co'));
  expect(html).toBe(
    '<a href="/?a=1&amp;b=&quot;2&quot;" title="&lt;x&gt;">&lt;script&gt;alert("1")&lt;/script&gt; &amp; co</a>\n',
  );
});

test('attributes that are null, undefined or false are left out, true ones stand bare', () => {
  expect(
    writeHtml(el('script', { src: 'a.js', defer: true, async: false, id: null, nonce: undefined })),
  ).toBe('<script src="a.js" defer></script>\n');
});

test('blocks are indented, phrasing content stays on one line so that no white space shows', () => {
  const html = writeHtml(
    el('ul', {}, el('li', {}, el('a', { href: '#' }, 'A', el('span', {}, 'b'))), false, null),
  );
  expect(html).toBe('<ul>\n\t<li><a href="#">A<span>b</span></a></li>\n</ul>\n');
});

test('empty rules and blocks are not written', () => {
  expect(
    writeCss([{ '.a': {} }, { at: '@media print', inside: [{ '.b': {} }] }, { '.c': { color: 'red' } }]),
  ).toBe('.c {\n  color: red;\n}\n');
});

test('changed rules hold what differs and no more', () => {
  const wide = { '.a': { color: 'red', gap: '1px' }, '.b': { margin: '0' } };
  const narrow = { '.a': { color: 'red', gap: '2px' }, '.b': { margin: '0' } };
  expect(changedRules(wide, narrow)).toEqual({ '.a': { gap: '2px' } });
});

test('a part that is taken back is as its whole has it, and a whole that changes leaves its parts', () => {
  const rule = (padding: string, start: string) => ({ '.a': { padding, 'padding-inline-start': start } });
  expect(changedRules(rule('0', '1rem'), rule('0', AS_IT_COMES))).toEqual({ '.a': { padding: '0' } });
  expect(changedRules(rule('0', '1rem'), rule('8px', '1rem'))).toEqual(rule('8px', '1rem'));
  expect(changedRules(rule('0', '1rem'), rule(AS_IT_COMES, AS_IT_COMES))).toEqual({
    '.a': { padding: AS_IT_COMES },
  });
  expect(changedRules(rule('0', AS_IT_COMES), rule('0', '1rem'))).toEqual({
    '.a': { 'padding-inline-start': '1rem' },
  });
});

test('joined rules keep declarations of the same selector, the later one winning', () => {
  expect(joinRules({ '.a': { color: 'red', gap: '0' } }, { '.a': { color: 'blue' } })).toEqual({
    '.a': { color: 'blue', gap: '0' },
  });
});

test('a CSS string cannot be broken out of', () => {
  expect(cssString('a"b\\c\nd')).toBe('"a\\"b\\\\c\\a d"');
});

test('rules behind each other that say the same are written as one', () => {
  const same = { color: 'red' };
  expect(writeCss([{ '.a': same, '.b': same, '.c': { color: 'blue' }, '.d': same }])).toBe(
    '.a,\n.b {\n  color: red;\n}\n.c {\n  color: blue;\n}\n.d {\n  color: red;\n}\n',
  );
});

test('rules that ask for hovering hold where a pointer can, in their place among the others', () => {
  const nodes = hoverable([
    { '.a': { color: 'red' }, '.a:hover': { color: 'blue' }, '.a:focus': { color: 'green' } },
    { at: '@layer x', inside: [{ '.b:is(:hover, :focus-within)': { top: '0' } }] },
  ]);
  expect(writeCss(nodes)).toBe(
    '.a {\n  color: red;\n}\n@media (hover: hover) {\n  .a:hover {\n    color: blue;\n  }\n}\n.a:focus {\n  color: green;\n}\n' +
      '@layer x {\n  .b:is(:hover, :focus-within) {\n    top: 0;\n  }\n}\n',
  );
});
