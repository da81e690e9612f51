import { box, words, type Box } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import type { Id } from '../ids/id';
import { el, type Element } from '../markup/html';
import type { Rules } from '../markup/css';
import { dressedCss } from '../properties/dress';
import { TARGET } from '../properties/target';
import { dressedBox, type PieceContent, type RoomEntry } from './content';
import { headingParts } from './menu/forms';
import { listedMenuHtml, orderVariant } from './listed-menu';
import { kindOfPiece, leading, nestedWays, type MenuEntry, type PieceContext } from './piece';
import { bareList } from './bare-list';
import { CHEVRON, chevronCss, chevronOpenCss } from './chevron';
import { linksProperties, part, unfoldsLabels, type LinksValues } from './links-properties';

/** How high links are at least, in CSS px at the usual text size (WCAG 2.2, 2.5.8 Target Size (Minimum)). */
const LINK = 24;

const layouts = ({ unfolds, run, columns, columnGap, headingGap, linkGap }: LinksValues) => {
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
function groupsOf<E extends { id: Id; label: string; children: readonly E[]; holds?: boolean }>(
  values: LinksValues,
  entries: readonly E[],
): Group<E>[] {
  if (values.grouped === 'one') return [{ of: null, heading: values.heading.trim(), links: entries }];
  return entries.map((entry): Group<E> =>
    (entry.holds ?? entry.children.length > 0)
      ? { of: entry.id, heading: entry.label, links: entry.children }
      : { of: entry.id, heading: '', links: [entry] },
  );
}

function linkBox(values: LinksValues, { id, label, current }: RoomEntry, content: PieceContent): Box {
  const state = current === null ? 'rest' : current === 'page' ? 'current' : 'trail';
  const dress = dressedBox(values, part.prefix, content, state);
  return box('li', {}, [
    box('.links-link', layouts(values)['.links-link'], [words(label)], { ...dress, id }),
  ]);
}

function groupBox(
  values: LinksValues,
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
export const links = kindOfPiece<LinksValues>({
  kind: 'links',
  inInk: true,
  label: 'Link list',
  about: 'A list of links with a heading, or one for each item of a menu.',
  properties: linksProperties,
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
