import { boxCss } from '../../lengths/formula';
import { unless, AS_IT_COMES } from '../../markup/css';
import { choiceKind } from '../../properties/kinds/choice';
import { colourKind } from '../../properties/kinds/colour';
import { flagKind } from '../../properties/kinds/flag';
import { lengthKind } from '../../properties/kinds/length';
import { optionalKind } from '../../properties/kinds/optional';
import { referenceKind } from '../../properties/kinds/reference';
import type { HangsFromBar, HangsFromItem } from '../piece';
import { forms, type ShownAs } from '../menu/forms';
import { property, propertyList, type CssNames } from '../../properties/property';

/** Why what is said of a drop-down is not in effect: the piece is no button with one, or the menu has another form; null where it is. */
export function notDropped({ form, shownAs }: Record<string, unknown>): string | null {
  const drops = form === undefined ? forms[shownAs as ShownAs].below === 'dropped' : form === 'drop';
  return drops ? null : 'where something drops down';
}

const drop = { group: 'Drop-down', by: 'width', aside: notDropped } as const;
const look = { group: 'Drop-down', by: null } as const;

/** The edges of what something hangs from. */
export const itemEdges = { start: 'its start', middle: 'its middle', end: 'its end' };

/** The edge at which a drop-down stands; how it then stands is worked out (fit/drop-down-sides.ts). */
export const hangingAlign = <K extends HangsFromItem | HangsFromBar>(edges: Readonly<Record<K, string>>) =>
  property({
    ...drop,
    name: 'belowAlign',
    label: 'Stands at',
    kind: choiceKind(edges),
    initial: 'start' as K,
    aside: (values) =>
      notDropped(values) ??
      ((values.panelWidth ?? 'own') === 'own' ? null : 'as wide as its bar or the window'),
  });

const colour = (value: string, names: CssNames) => (value === 'none' ? 'transparent' : names.token(value));

/** How far what hangs from an item or a button is from it, how high it is at most, what it looks like, and how it comes and goes. */
export const hangingLookProperties = propertyList(
  property({
    ...drop,
    name: 'belowGap',
    label: 'Below its item or bar by',
    kind: lengthKind(0, 80),
    initial: 0,
    css: (value) => ({ '&': { '--below-gap': unless(value === 0, boxCss(value)) } }),
  }),
  property({
    ...drop,
    name: 'belowMost',
    label: 'At most high',
    kind: optionalKind(lengthKind(80, 2000), 'as the window'),
    initial: null,
    css: (value) => ({ '&': { '--below-most': value === null ? AS_IT_COMES : boxCss(value) } }),
  }),
  property({
    ...look,
    name: 'panelGround',
    label: 'Ground',
    kind: colourKind(),
    initial: 'ground',
    css: (value, names) => ({
      '&': { '--below-ground': unless(value === 'ground', colour(value, names)) },
    }),
  }),
  property({
    ...look,
    name: 'panelInk',
    label: 'Ink',
    kind: colourKind(),
    initial: 'ink',
    css: (value, names) => ({ '&': { '--below-ink': unless(value === 'ink', colour(value, names)) } }),
  }),
  property({
    ...look,
    name: 'panelLine',
    label: 'Line around it',
    kind: optionalKind(referenceKind('borders'), 'none'),
    initial: 'border-hairline',
    css: (value, names) => ({
      '&': {
        '--below-line': value === null ? '0' : unless(value === 'border-hairline', names.token(value)),
      },
    }),
  }),
  property({
    ...look,
    name: 'belowShadow',
    label: 'Shadow',
    kind: optionalKind(referenceKind('shadows'), 'none'),
    initial: 'shadow-high',
    css: (value, names) => ({
      '&': {
        '--below-shadow': value === null ? 'none' : unless(value === 'shadow-high', names.token(value)),
      },
    }),
  }),
  property({
    ...look,
    name: 'belowRadius',
    label: 'Corners',
    kind: referenceKind('radii'),
    initial: 'radius-small',
    css: (value, names) => ({
      '&': { '--below-radius': unless(value === 'radius-small', names.token(value)) },
    }),
  }),
  property({
    ...look,
    name: 'belowArrow',
    label: 'Arrow mark',
    kind: flagKind('none', 'in the space before it'),
    initial: false,
    // Whether there is room for it is a matter of the form: `arrowSeenCss`.
  }),
  property({
    ...look,
    name: 'belowMotion',
    label: 'Comes and goes',
    kind: choiceKind({ none: 'at once', fade: 'fading', drop: 'dropping' }),
    initial: 'none',
    css: (value) => ({
      '&': {
        '--below-takes': unless(value === 'none', 'var(--duration-quick)'),
        '--below-faint': unless(value === 'none', '0'),
        '--below-from': unless(value !== 'drop', '0 -0.5rem'),
      },
    }),
  }),
);
