import { AS_IT_COMES, type Rules } from '../markup/css';
import { colourKind } from './kinds/colour';
import { choiceKind } from './kinds/choice';
import { cornersKind } from './kinds/corners';
import { flagKind } from './kinds/flag';
import { pixelsKind } from './kinds/pixels';
import { numberKind } from './kinds/number';
import { optionalKind } from './kinds/optional';
import { referenceKind } from './kinds/reference';
import { px } from '../lengths/length';
import { property, propertyList, type CssNames } from './property';
import type { BareLook, State, StatedPart } from './states';

/** How a part is dressed where the designer has not said it. */
interface DressStart {
  /** What an open value means, such as `as the bar`. */
  open: string;
  /** States in which the marker shows. */
  marked?: readonly State[];
}

const colourCss = (css: string) => (value: string | null, names: CssNames) => ({
  '&': { [css]: value === null ? AS_IT_COMES : value === 'none' ? 'transparent' : names.token(value) },
});

/**
 * What a part of a piece looks like, state by state: text, ground, border, marker, corners and weight. A part that is
 * dressed after another wins over it.
 */
export function dressProperties<Prefix extends string>(
  part: StatedPart<Prefix>,
  { open, marked = [] }: DressStart,
) {
  const { prefix } = part;
  const stated = { group: part.label, by: 'state', part } as const;
  return propertyList(
    property({
      ...stated,
      name: `${prefix}Ink` as const,
      reachesUpon: true,
      label: 'Text',
      kind: optionalKind(colourKind(), open),
      initial: null,
      css: colourCss('color'),
    }),
    property({
      ...stated,
      name: `${prefix}Ground` as const,
      label: 'Ground',
      kind: optionalKind(colourKind(), open),
      initial: null,
      css: colourCss('background-color'),
    }),
    property({
      ...stated,
      name: `${prefix}Edge` as const,
      takesRoom: true,
      label: 'Border',
      kind: optionalKind(referenceKind('borders'), open),
      initial: null,
      css: (value, names) => ({ '&': { border: value === null ? AS_IT_COMES : names.token(value) } }),
    }),
    property({
      ...stated,
      name: `${prefix}Marker` as const,
      label: 'Marker',
      kind: optionalKind(flagKind('none', 'shown'), open),
      initial: null,
      initialStates: Object.fromEntries(marked.map((state) => [state, true])),
      css: (value) => ({ '&': { '--marker': value === null ? AS_IT_COMES : value ? '100%' : '0%' } }),
    }),
    property({
      ...stated,
      name: `${prefix}Corners` as const,
      label: 'Corners',
      kind: optionalKind(cornersKind(), open),
      initial: null,
      css: (value) => ({ '&': { 'border-radius': value === null ? AS_IT_COMES : value.map(px).join(' ') } }),
    }),
    property({
      ...stated,
      name: `${prefix}Weight` as const,
      setsWeight: true,
      label: 'Weight',
      kind: optionalKind(numberKind(100, 900, ''), open),
      initial: null,
      css: (value) => ({ '&': { 'font-weight': value === null ? AS_IT_COMES : String(value) } }),
    }),
  );
}

/** Where the marker of a part stands, where it grows from, and how long its states take to change: the same in every state. */
export function markerProperties(selector: string) {
  const on = (declarations: Record<string, string>): Rules => ({ [selector]: declarations });
  return propertyList(
    property({
      name: 'markerPlace',
      label: 'Stands',
      group: 'Marker',
      kind: choiceKind({ below: 'below the text', above: 'above the text' }),
      by: null,
      initial: 'below',
      css: (value) => on({ '--marker-block': value === 'above' ? '0%' : AS_IT_COMES }),
    }),
    property({
      name: 'markerFrom',
      label: 'Grows from',
      group: 'Marker',
      kind: choiceKind({ left: 'the left', center: 'the middle', right: 'the right' }),
      by: null,
      initial: 'center',
      css: (value) => on({ '--marker-inline': value === 'center' ? AS_IT_COMES : value }),
    }),
    property({
      name: 'markerSize',
      label: 'Thickness',
      group: 'Marker',
      kind: pixelsKind(1, 12),
      by: null,
      initial: 2,
      css: (value) => on({ '--marker-size': value === 2 ? AS_IT_COMES : px(value) }),
    }),
    property({
      name: 'changeDuration',
      label: 'Time',
      group: 'Motion',
      kind: referenceKind('durations'),
      by: null,
      initial: 'duration-quick',
      css: (value, names) =>
        on({ 'transition-duration': value === 'duration-quick' ? AS_IT_COMES : names.token(value) }),
    }),
    property({
      name: 'changeEasing',
      label: 'Easing',
      group: 'Motion',
      kind: referenceKind('easings'),
      by: null,
      initial: 'easing-settle',
      css: (value, names) =>
        on({
          'transition-timing-function': value === 'easing-settle' ? AS_IT_COMES : names.token(value),
        }),
    }),
  );
}

/** The rules that let an element be dressed: a marker that can grow, and changes that take their time. */
export const dressedCss = {
  'background-image': 'linear-gradient(currentcolor, currentcolor)',
  'background-repeat': 'no-repeat',
  'background-position': 'var(--marker-inline, center) var(--marker-block, 100%)',
  'background-size': 'var(--marker, 0%) var(--marker-size, 2px)',
  transition: 'var(--duration-quick) var(--easing-settle)',
  'transition-property': 'color, background-color, background-size, border-color, border-radius',
};

/** The suffix of a selector in each state. */
export const stateSuffix: Record<State, string> = {
  rest: '',
  current: '[aria-current="page"]',
  trail: '[aria-current="true"]',
  hover: ':hover',
  focus: ':focus-visible',
  open: '[aria-expanded="true"]',
  pressed: ':active',
};

/** A part that is reached at one selector, with `&` for the piece. */
export function statedPart<const Prefix extends string>({
  selector,
  look = { ink: 'of the bar', ground: 'none' },
  ...part
}: Pick<StatedPart<Prefix>, 'label' | 'prefix'> & {
  selector: string;
  states?: readonly State[];
  look?: BareLook;
}): StatedPart<Prefix> {
  return {
    states: ['rest', 'hover', 'focus', 'pressed'],
    ...part,
    bare: () => look,
    selector: (state) => `${selector}${stateSuffix[state]}`,
  };
}

/** The heaviest weight of all states; null where no state has a weight other than that of rest. */
export function heaviestState({ rest, ...others }: Partial<Record<State, unknown>>): number | null {
  const isWeight = (weight: unknown) => typeof weight === 'number';
  const weights = Object.values(others).filter(isWeight);
  return weights.length === 0 ? null : Math.max(...weights, ...[rest].filter(isWeight));
}
