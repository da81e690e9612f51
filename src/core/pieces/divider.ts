import { el } from '../markup/html';
import { boxCss, type Length } from '../lengths/formula';
import { choiceKind } from '../properties/kinds/choice';
import { lengthKind } from '../properties/kinds/length';
import type { Id } from '../ids/id';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { placeProperties } from '../properties/place';
import { AS_IT_COMES, property } from '../properties/property';
import { pieceClass, type PieceKind } from './piece';

/** A line between pieces: upright in a row, flat in a stack. */
export const divider: PieceKind = {
  kind: 'divider',
  label: 'Divider',
  properties: [
    property({
      name: 'line',
      label: 'Line',
      group: 'Content',
      kind: referenceKind('borders'),
      by: null,
      initial: 'border-hairline',
      css: (value, names) => ({ '&': { '--line-of': names.token(value) } }),
    }),
    property({
      name: 'stands',
      label: 'Stands',
      group: 'Content',
      kind: choiceKind({ upright: 'upright', flat: 'flat' }),
      by: 'width',
      initial: 'upright',
      css: (value) => ({
        '&': {
          'border-inline-start': value === 'upright' ? 'var(--line-of)' : 'none',
          'border-block-start': value === 'upright' ? 'none' : 'var(--line-of)',
          'inline-size': value === 'upright' ? '0' : 'var(--divider-length, auto)',
          'block-size': value === 'upright' ? 'var(--divider-length, auto)' : '0',
        },
      }),
    }),
    property({
      name: 'length',
      label: 'Length',
      group: 'Content',
      kind: optionalKind(lengthKind(4, 1600), 'all the way'),
      by: 'width',
      initial: null,
      css: (value) => ({ '&': { '--divider-length': value === null ? AS_IT_COMES : boxCss(value) } }),
    }),
    ...placeProperties.filter((each) => each.name !== 'pieceWidth'),
  ],
  css: { '.divider': { 'align-self': 'stretch', margin: '0', border: '0' } },
  room: ({ stands, line, length: long }, { px, length, border }) => ({
    preferred: stands === 'upright' ? px(border(line as Id)) : length((long as Length | null) ?? 0),
  }),
  height: () => 0,
  summary: () => 'shown',
  caption: () => '',
  html: (piece, context) => el('hr', { class: pieceClass(piece, context) }),
};
