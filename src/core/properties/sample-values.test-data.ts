import type { Editor } from './kinds/kind';
import type { Property } from './property';

/** Values that each kind of editor can give, the bounds of it included. */
const samples: { [As in Editor['as']]: (editor: Extract<Editor, { as: As }>) => unknown[] } = {
  text: ({ example }) => (example === undefined ? ['', 'Words', 'x'.repeat(20)] : ['', example]),
  pixels: ({ least, most }) => [least, most],
  length: ({ least, most }) => [
    least,
    most,
    { least: [least + 1, { px: least, share: 0.01 }] },
    { from: { at: 400, px: least }, to: { at: 1200, px: least + 1 } },
  ],
  number: ({ least, most }) => [least, most],
  choice: ({ options }) => options.map((option) => option.value),
  flag: () => [true, false],
  colour: () => ['ground', 'accent', 'none'],
  family: () => ['archivo'],
  icon: () => ['search', null],
  reference: ({ to }) => [`a-${to}`],
  link: () => [{ to: 'nothing' }, { to: 'page', page: 'p1' }],
  order: () => [null, ['a', 'b']],
  words: () => [[], ['Words'], ['See ', { words: 'more', link: { to: 'page', page: 'p1' } }]],
  division: () => [{ by: 'edges' }, { by: 'stack' }, { by: 'shares', shares: [1, 3] }],
  corners: () => [
    [0, 0, 0, 0],
    [8, 8, 0, 0],
  ],
};

/** Values that a property may have, its initial one first. */
export function sampleValues({ kind, initial }: Property): unknown[] {
  const { editor } = kind;
  const of = samples[editor.as] as (editor: Editor) => unknown[];
  return [initial, ...of(editor), ...(editor.open === undefined ? [] : [null])];
}
