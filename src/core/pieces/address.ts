import { box, words, type Box } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { el, type Element, type Node } from '../markup/html';
import { dressedCss } from '../properties/dress';
import { daysText, readHours, spansText, type DayHours } from '../properties/hours';
import { dressedBox, type PieceContent } from './content';
import { organisationData } from './organisation-data';
import { kindOfPiece, pieceClass } from './piece';
import type { Words } from './shipped-words';
import { part, type Way, ways, addressProperties, type AddressValues } from './address-properties';

/** Times stand below each other in figures of one width. */
const FIGURES = { type: { tabular: true } } as const;

/** The weight of the name and of words above hours, and the gaps between days and times. */
const NAME_WEIGHT = 600;
const HOURS_GAP = { em: 1 };

const layouts = ({ blockGap }: AddressValues) =>
  ({
    '': { display: 'flex', flexDirection: 'column', gap: blockGap },
    '.address-lines': { display: 'flex', flexDirection: 'column' },
    '.address-ways': { display: 'flex', flexDirection: 'column' },
    '.address-way': { display: 'flex', alignItems: 'baseline', gap: { em: 0.5 } },
    '.address-name': { display: 'block', fontWeight: NAME_WEIGHT },
    // As high as a pointer needs at least (WCAG 2.2, 2.5.8 Target Size (Minimum)).
    '.address-link': { display: 'block', minBlockSize: { rem: 24 }, whiteSpace: 'nowrap' },
    '.address-hours': {
      display: 'grid',
      gridTemplateColumns: ['auto', { fr: 1 }],
      columnGap: HOURS_GAP,
    },
    '.address-hours > dt': { whiteSpace: 'nowrap' },
  }) as const satisfies Layouts;

/** The lines that are said. */
const linesOf = ({ line1, line2, line3 }: AddressValues) =>
  [line1, line2, line3].map((each) => each.trim()).filter((each) => each !== '');

/** The hours of a piece as they are read: days and times. */
function hourRows(values: AddressValues, said: Words): { hours: DayHours; days: string; times: string }[] {
  const reading = readHours(values.hours);
  const names = said.days.trim().split(/\s+/);
  return (reading.ok ? reading.hours : []).map((hours) => ({
    hours,
    days: daysText(hours.days, names),
    times: hours.spans.length === 0 ? said.closed : spansText(hours.spans),
  }));
}

/** The ways that are said: what is before each, and what is read of it. */
const waysOf = (values: AddressValues, said: Words) =>
  (Object.keys(ways) as Way[])
    .filter((way) => values[way].trim() !== '')
    .map((way) => ({
      href: ways[way].href(values[way]),
      short: values.waysSaid ? said[`${way}Short`] : '',
      full: said[way],
      // A number is not broken in the middle.
      read: (values[`${way}Read`].trim() || values[way]).replaceAll(' ', '\u00a0'),
    }));

function boxesOf(values: AddressValues, content: PieceContent): Box[] {
  const laid = layouts(values);
  const name = values.name.trim();
  const bold = { type: { weight: NAME_WEIGHT } };
  const lines = [
    name === '' ? null : box('.address-name', laid['.address-name'], [words(name)], bold),
    ...linesOf(values).map((each) => box('span', {}, [words(each)])),
  ];
  const reached = waysOf(values, content.words).map(({ short, read }) =>
    box('.address-way', laid['.address-way'], [
      short === '' ? null : box('.address-way > :first-child', {}, [words(short)]),
      box('.address-link', laid['.address-link'], [words(read)], dressedBox(values, part.prefix, content)),
    ]),
  );
  const heading = values.hoursHeading.trim();
  const hours = hourRows(values, content.words).flatMap(({ days, times }) => [
    box('.address-hours > dt', laid['.address-hours > dt'], [words(days)], FIGURES),
    box('dd', {}, [words(times)], FIGURES),
  ]);
  return [
    ...(lines.some(Boolean) ? [box('.address-lines', laid['.address-lines'], lines)] : []),
    ...(reached.length > 0 ? [box('.address-ways', laid['.address-ways'], reached)] : []),
    ...(hours.length > 0 && heading !== ''
      ? [box('.address-name', laid['.address-name'], [words(heading)], bold)]
      : []),
    ...(hours.length > 0 ? [box('.address-hours', laid['.address-hours'], hours)] : []),
  ];
}

/** What is short for something else says so. */
const shortened = (short: string, full: string): Node =>
  short === '' ? null : full === short ? el('span', {}, short) : el('abbr', { title: full }, short);

function linesHtml(values: AddressValues): Element | null {
  const name = values.name.trim();
  const lines = linesOf(values);
  if (name === '' && lines.length === 0) return null;
  return el(
    'div',
    { class: 'address-lines' },
    name !== '' && el('strong', { class: 'address-name' }, name),
    ...lines.map((each) => el('span', {}, each)),
  );
}

function waysHtml(values: AddressValues, said: Words): Element | null {
  const reached = waysOf(values, said);
  if (reached.length === 0) return null;
  return el(
    'div',
    { class: 'address-ways' },
    ...reached.map(({ href, short, full, read }) =>
      el(
        'div',
        { class: 'address-way' },
        shortened(short, full),
        el('a', { class: 'address-link', href }, read),
      ),
    ),
  );
}

function hoursHtml(values: AddressValues, said: Words): Node[] {
  const rows = hourRows(values, said);
  const heading = values.hoursHeading.trim();
  if (rows.length === 0) return [];
  // Which of them is today’s is told by the script, by the place of the day in the week.
  const list = el(
    'dl',
    { class: 'address-hours' },
    ...rows.flatMap(({ hours, days, times }) => [
      el('dt', { 'data-days': hours.days.join(' ') }, days),
      el('dd', {}, times),
    ]),
  );
  return [heading !== '' && el('strong', { class: 'address-name' }, heading), list];
}

/** An address: its lines, how somebody is reached, and when they are there, with today marked. */
export const address = kindOfPiece<AddressValues>({
  kind: 'address',
  inInk: true,
  label: 'Address',
  about: 'An address with telephone, e-mail and opening hours, also told to search engines.',
  sample: {
    name: 'Pier House',
    line1: '1 Example Quay',
    telephone: '+44 1632 960000',
    mail: 'name@example.com',
  },
  properties: addressProperties,
  css: {
    // A type style may say otherwise of it.
    ':where(.address)': { 'font-style': 'normal' },
    '.address :is(dl, dd)': { margin: '0' },
    '.address abbr': { 'text-decoration': 'none' },
    '.address-link': { color: 'inherit', 'text-decoration': 'underline', ...dressedCss },
    '.address-hours': { 'font-variant-numeric': 'tabular-nums' },
  },
  openCss: {
    '.address-hours [aria-current]': {
      'text-decoration': 'underline 2px',
      'text-underline-offset': '0.25em',
    },
  },
  layouts,
  weights: () => [NAME_WEIGHT],
  targets: ['.address-link'],
  box(values, content) {
    const boxes = boxesOf(values, content);
    return boxes.length === 0 ? null : box('', layouts(values)[''], boxes);
  },
  summary: () => 'shown',
  caption: ({ name, line1, hours, hoursHeading }) => {
    const said = name || line1 || hoursHeading;
    return said ? `“${said}”` : hours === '' ? 'empty' : 'hours';
  },
  html(piece, context) {
    const { values } = piece;
    const parts = [linesHtml(values), waysHtml(values, context.words), ...hoursHtml(values, context.words)];
    if (!parts.some(Boolean)) return null;
    return el(
      'address',
      { class: pieceClass(piece, context) },
      ...parts,
      values.asData && organisationData(values, linesOf(values), context.siteName),
    );
  },
});
