import { box, words, type Box } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import type { Id } from '../ids/id';
import { el, type Element } from '../markup/html';
import { AS_IT_COMES, unless, type Rules } from '../markup/css';
import { choiceKind } from '../properties/kinds/choice';
import { lengthKind } from '../properties/kinds/length';
import { numberKind } from '../properties/kinds/number';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { textKind } from '../properties/kinds/text';
import { dressedCss, dressProperties, markerProperties, statedPart } from '../properties/dress';
import { landmark } from '../properties/landmark';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { TARGET } from '../properties/target';
import { shownMenu } from '../properties/shown-menu';
import { typeProperties } from '../properties/type';
import { dressedBox, type PieceContent, type RoomEntry } from './content';
import { headingParts } from './menu/forms';
import { listedMenuHtml, orderVariant } from './listed-menu';
import { kindOfPiece, leading, nestedWays, type MenuEntry, type PieceContext } from './piece';
import { bareList } from './bare-list';
import { CHEVRON, chevronCss, chevronOpenCss } from './chevron';

const part = statedPart({
  label: 'Links',
  prefix: 'links',
  selector: '& .links-link',
  states: ['rest', 'current', 'trail', 'hover', 'focus', 'pressed'],
});

/** How its lists stand where they have headings: open, or behind these, which are buttons then. */
const unfoldsLabels = {
  open: 'stand open',
  several: 'unfold below their headings',
  one: 'unfold, one at a time',
};

const properties = propertyList(
  shownMenu(),
  property({
    name: 'grouped',
    label: 'Shown as',
    group: 'Content',
    kind: choiceKind({ one: 'one list', columns: 'a list for each item of the first level' }),
    by: null,
    initial: 'one',
  }),
  property({
    name: 'heading',
    label: 'Heading of the list',
    group: 'Content',
    kind: textKind(80, 'none'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'headingLevel',
    label: 'Level of headings',
    group: 'Content',
    kind: numberKind(2, 6, ''),
    by: null,
    initial: 2,
  }),
  landmark,
  property({
    name: 'unfolds',
    label: 'Lists',
    group: 'Collapse',
    kind: choiceKind(unfoldsLabels),
    by: 'width',
    initial: 'open',
    css: (value) => ({ '&': { '--unfolds': unless(value === 'open', value) } }),
  }),
  property({
    name: 'run',
    label: 'Links stand',
    group: 'Arrangement',
    kind: choiceKind({ column: 'below each other', row: 'in lines, one after another' }),
    by: 'width',
    initial: 'column',
  }),
  property({
    name: 'columns',
    label: 'Lists beside each other',
    group: 'Arrangement',
    kind: numberKind(1, 8, ''),
    by: 'width',
    initial: 1,
  }),
  property({
    name: 'columnGap',
    label: 'Between lists',
    group: 'Space',
    kind: lengthKind(0, 120),
    by: 'width',
    initial: 32,
  }),
  property({
    name: 'headingGap',
    label: 'Below headings',
    group: 'Space',
    kind: lengthKind(0, 80),
    by: 'width',
    initial: 8,
  }),
  property({
    name: 'linkGap',
    label: 'Between links',
    group: 'Space',
    kind: lengthKind(0, 80),
    by: 'width',
    initial: 4,
  }),
  property({
    name: 'lines',
    label: 'Line between lists',
    group: 'Edges',
    kind: optionalKind(referenceKind('borders'), 'none'),
    by: 'width',
    initial: null,
    css: (value, names) => ({
      '& .links-group + .links-group': {
        'border-block-start': value === null ? AS_IT_COMES : names.token(value),
      },
      // The ring of a heading stands beyond the line below it, not over it.
      '& .links-toggle': { '--ring-offset': value === null ? AS_IT_COMES : '2px' },
    }),
  }),
  dressProperties(part, { open: 'as the bar', marked: ['current', 'hover'] }),
  markerProperties('& .links-link'),
  typeProperties('type-small'),
  property({
    name: 'headingStyle',
    label: 'Style of headings',
    group: 'Type',
    kind: referenceKind('typeStyles'),
    by: null,
    initial: 'type-column',
    css: (value, names) => ({
      '& .links-heading': Object.fromEntries(
        headingParts.map(([css, of]) => [css, unless(value === 'type-column', names.typeStyle(value, of))]),
      ),
    }),
  }),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

/** How high links are at least, in CSS px at the usual text size (WCAG 2.2, 2.5.8 Target Size (Minimum)). */
const LINK = 24;

const layouts = ({ unfolds, run, columns, columnGap, headingGap, linkGap }: Values) => {
  const open = unfolds === 'open';
  return {
    '': {
      display: 'grid',
      // None gets narrower than its longest word.
      gridTemplateColumns: Array.from({ length: columns }, () => ({ fr: 1 }) as const),
      gap: columnGap,
    },
    '.links-group': { display: 'flex', flexDirection: 'column', gap: open ? headingGap : 0 },
    '.links-heading': { display: 'block' },
    '.links-name': { display: open ? 'block' : 'none' },
    '.links-toggle': {
      display: open ? 'none' : 'flex',
      alignItems: 'center',
      justifyContent: open ? undefined : 'space-between',
      gap: open ? undefined : { em: 0.5 },
      inlineSize: open ? undefined : '100%',
      minBlockSize: open ? undefined : TARGET,
    },
    '.links-list': {
      display: 'flex',
      flexDirection: run,
      flexWrap: run === 'row' ? 'wrap' : undefined,
      alignItems: 'start',
      gap: linkGap,
    },
    // A list without a heading has nothing that could open it.
    '.links-heading + .links-list': { display: open ? undefined : 'none' },
    '.links-link': {
      display: 'block',
      alignContent: 'center',
      minBlockSize: open ? { rem: LINK } : TARGET,
    },
  } as const satisfies Layouts;
};

/** Links with their heading; `of` is the item of the first level that they are below of, or that is the one link: its group goes where it is hidden. */
interface Group<E> {
  of: Id | null;
  heading: string;
  links: readonly E[];
}

/** Its groups: the list as a whole, or one for each item of the first level; an item with nothing below it is a link by itself. */
function groupsOf<E extends { id: Id; label: string; children: readonly E[] }>(
  values: Values,
  entries: readonly E[],
): Group<E>[] {
  if (values.grouped === 'one') return [{ of: null, heading: values.heading.trim(), links: entries }];
  return entries.map((entry): Group<E> =>
    entry.children.length > 0
      ? { of: entry.id, heading: entry.label, links: entry.children }
      : { of: entry.id, heading: '', links: [entry] },
  );
}

function linkBox(values: Values, { id, label, current }: RoomEntry, content: PieceContent): Box {
  const state = current === null ? 'rest' : current === 'page' ? 'current' : 'trail';
  const dress = dressedBox(values, part.prefix, content, state);
  return box('li', {}, [
    box('.links-link', layouts(values)['.links-link'], [words(label)], { ...dress, id }),
  ]);
}

function groupBox(
  values: Values,
  { heading, links }: Group<RoomEntry>,
  index: number,
  content: PieceContent,
): Box {
  const laid = layouts(values);
  const type = { type: { heading: values.headingStyle } };
  const open = values.unfolds === 'open' || heading === '';
  const toggle = box(
    '.links-toggle',
    laid['.links-toggle'],
    [
      words(heading),
      box('.links-toggle::after', { inlineSize: CHEVRON, blockSize: CHEVRON, flexShrink: 0 }, []),
    ],
    type,
  );
  const name = box('.links-name', laid['.links-name'], [words(heading)], type);
  const shown = links.filter((entry) => entry.shown);
  const line = content.border(values.lines);
  return box(
    '.links-group',
    laid['.links-group'],
    [
      heading === '' ? null : box('.links-heading', laid['.links-heading'], [open ? name : toggle]),
      open && shown.length > 0
        ? box(
            '.links-list',
            laid['.links-list'],
            shown.map((entry) => linkBox(values, entry, content)),
          )
        : null,
    ],
    index > 0 && line > 0 ? { edge: { start: 0, above: line, below: 0 } } : {},
  );
}

/** A list of links with its heading; where it unfolds at some width, with the heading as a button too. */
function groupHtml(
  { of, heading, links }: Group<MenuEntry>,
  { id, level, folds }: { id: string; level: number; folds: boolean },
  context: PieceContext,
): Element {
  const items = links.map((entry) =>
    el(
      'li',
      { class: context.className(entry.id) },
      leading(
        entry.target,
        {
          class: 'links-link',
          'aria-current': entry.current && (entry.current === 'page' ? 'page' : 'true'),
          title: entry.title || null,
          newWindow: entry.newWindow ? context.words.newWindow : null,
        },
        entry.label,
      ),
    ),
  );
  const toggle = el(
    'button',
    { class: 'links-toggle', type: 'button', 'aria-expanded': 'false', 'aria-controls': id },
    heading,
  );
  return el(
    'div',
    { class: ['links-group', of !== null && context.className(of)].filter(Boolean).join(' ') },
    heading !== '' &&
      el(
        `h${level}`,
        { class: 'links-heading' },
        el('span', { class: 'links-name' }, heading),
        folds && toggle,
      ),
    links.length > 0 && el('ul', { class: 'links-list', id: folds && id }, ...items),
  );
}

const openRule: Rules = {
  '.links-heading:has(> [aria-expanded="true"]) + .links-list': { display: 'flex' },
};

/** How all of it stands where nothing can be opened: its lists are seen, and headings are no buttons. */
const standingOpenCss: Rules = {
  '.links-list': { display: 'flex' },
  '.links-toggle': { display: 'none' },
  '.links-name': { display: 'block' },
};

/** A menu as lists of links with headings; on narrow windows the headings can be buttons that open their lists. */
export const links = kindOfPiece<Values>({
  kind: 'links',
  inInk: true,
  label: 'Link list',
  about: 'A list of links with a heading, or one for each item of a menu.',
  properties,
  headings: ({ headingStyle }) => [headingStyle],
  css: {
    '.links-heading': {
      margin: '0',
      ...Object.fromEntries(headingParts.map(([css, of]) => [css, `var(--type-column-${of})`])),
    },
    '.links-list': bareList,
    '.links-link': { color: 'inherit', 'text-decoration': 'none', ...dressedCss },
  },
  someCss: [
    {
      css: [
        {
          '.links-toggle': { 'text-align': 'start' },
          // Turned, it reaches as far as its own half beyond its edges.
          '.links-toggle::after': { ...chevronCss, 'flex-shrink': '0', translate: '-50% -25%' },
          '.links-toggle[aria-expanded="true"]::after': { ...chevronOpenCss, translate: '-50% 25%' },
        },
      ],
      when: ({ unfolds }) => unfolds !== 'open',
    },
  ],
  openCss: openRule,
  openWithoutScriptsCss: standingOpenCss,
  layouts,
  targets: ['.links-link', '.links-toggle'],
  box(values, content) {
    const entries = values.menu === null ? [] : content.entries(values.menu);
    const groups = groupsOf(
      values,
      entries.filter(({ shown }) => shown),
    );
    return entries.length === 0
      ? null
      : box(
          '',
          layouts(values)[''],
          groups.map((group, index) => groupBox(values, group, index, content)),
        );
  },
  items: {
    selector: '.links-group, .links-list > li',
    ways: (values, entries) =>
      groupsOf(values, entries).flatMap(({ of, links: listed }, group) => [
        ...(of === null ? [] : [{ item: of, way: [group] }]),
        ...nestedWays(listed, [group]),
      ]),
  },
  variant: orderVariant,
  summary: ({ unfolds }) => unfoldsLabels[unfolds],
  caption: ({ menu }, nameOf) => (menu === null ? 'none chosen' : (nameOf(menu) ?? '')),
  html(piece, context, versions) {
    const { values, id } = piece;
    const folds = versions.some((each) => each.values.unfolds !== 'open');
    const lists = (entries: readonly MenuEntry[], suffix: string) =>
      groupsOf(values, entries).map((group, index) => {
        const listId = `${context.idOf(id)}${suffix}-${index + 1}`;
        return groupHtml(group, { id: listId, level: values.headingLevel, folds }, context);
      });
    return listedMenuHtml(piece, context, versions, lists, values.heading.trim());
  },
});
