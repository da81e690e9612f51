import fc from 'fast-check';
import type { Band } from '../../src/core/bands/band';
import type { Edit } from '../../src/core/edit';
import { applyEdits } from '../../src/core/edit/apply';
import { newTurn, turnChoices } from '../../src/core/fit/turn-choices';
import type { AssemblyKind } from '../../src/core/properties/assembly-kind';
import type { Assembly, Bar, Piece } from '../../src/core/site/assembly';
import type { CollapseRule, RuleWhen, Turn } from '../../src/core/site/collapse-rule';
import type { Site } from '../../src/core/site/site';
import { demo } from './demo-sites';
import { anythingSet } from './anything-set';
import { generatedSite } from './generated-header';
import { numbers, one, type Next } from './numbers';
import { furtherTongues } from './tongues';

const ONE = 2 ** 20;

/** Numbers that decide what a site holds; where they come to an end, the rest of it is the first of everything. */
export const tapes = fc.noBias(fc.array(fc.nat(ONE - 1), { minLength: 700, maxLength: 800 }));

/** What a piece may turn to under a rule. */
function turnsOf({ id, kind }: Piece): Turn[] {
  const to = (property: string, value: unknown, step?: number): Turn => ({
    piece: id,
    property,
    value,
    ...(step === undefined ? {} : { step }),
  });
  const ofMenus = [
    to('shownAs', 'button'),
    to('shownAs', 'column'),
    to('behind', 3, 1),
    to('leftOut', 2, 1),
    to('signsAlone', true),
    to('itemPaddingInline', 2, -1),
  ];
  const ofLogos = [to('artworkHeight', 16, -2), to('textSize', 12, -1)];
  return [
    ...(kind === 'menu' ? ofMenus : []),
    ...(kind === 'logo' ? ofLogos : []),
    to('shown', 'hidden'),
    to('ownRow', true),
  ];
}

/** A header with a rule or two in some of its bars. */
function withRules(header: Assembly, next: Next): Assembly {
  const whens = (): readonly RuleWhen[] => [
    { by: 'fit', margin: one(next, [0, 16]) },
    { by: 'centre', margin: 0 },
    { by: 'width', below: 500 + Math.floor(next() * 900) },
    { by: 'band', band: 'tablet' },
    { by: 'browser' },
  ];
  const bars = Object.entries(header.bars).map(([id, bar]): [string, Bar] => {
    const pieces = bar.bays.flatMap((bay) => bay.pieces.map((piece) => header.pieces[piece]!));
    if (pieces.length === 0 || next() < 0.5) return [id, bar];
    const rules = Array.from({ length: next() < 0.7 ? 1 : 2 }, (_, index) => ({
      id: `${id}-rule-${index}`,
      when: one(next, whens()),
      turns: [one(next, turnsOf(one(next, pieces)))],
    }));
    return [id, { ...bar, rules }];
  });
  return { ...header, bars: Object.fromEntries(bars) };
}

/** A header that stays or returns, with some of it other while the page is scrolled. */
function withPhases(header: Assembly, next: Next): Assembly {
  const cell = one(next, ['desktop:scrolled', 'tablet:scrolled', 'desktop:returning']);
  const said = <T extends Piece | Bar>(of: T, property: string, value: unknown): T => ({
    ...of,
    values: { ...of.values, [property]: { ...of.values[property], [cell]: value } },
  });
  const otherwise = (piece: Piece): Piece => {
    if (next() < 0.6) return piece;
    return piece.kind === 'logo'
      ? said(piece, 'artworkHeight', one(next, [16, 60]))
      : said(piece, 'shown', one(next, ['hidden', 'shown']));
  };
  const pieces = Object.entries(header.pieces).map(([id, piece]) => [id, otherwise(piece)]);
  const bars = Object.entries(header.bars).map(([id, bar]) => [id, said(bar, 'padding', one(next, [2, 30]))]);
  return {
    ...header,
    values: { ...header.values, scrolling: { desktop: one(next, ['stays', 'returns']) } },
    pieces: Object.fromEntries(pieces),
    bars: Object.fromEntries(bars),
  };
}

/** An assembly with other ids, so that it can stand on the page beside the one that it is made of. */
function alike({ order, bars, pieces }: Assembly, id: string, name: string): Assembly {
  const other = (of: string) => `${id}-${of}`;
  return {
    id,
    name,
    values: {},
    order: order.map(other),
    bars: Object.fromEntries(
      Object.values(bars).map((bar): [string, Bar] => {
        const bays = bar.bays.map((bay) => ({ ...bay, id: other(bay.id), pieces: bay.pieces.map(other) }));
        return [other(bar.id), { ...bar, id: other(bar.id), bays, rules: [] }];
      }),
    ),
    pieces: Object.fromEntries(
      Object.values(pieces).map((piece) => [other(piece.id), { ...piece, id: other(piece.id) }]),
    ),
  };
}

/** The numbers of a tape, one after another. */
function numbersOf(tape: readonly number[]): Next {
  let at = 0;
  return () => (tape[at++] ?? 0) / ONE;
}

/** A site with other bands above its widest or above its narrowest, or both. */
function withBands(site: Site, next: Next): Site {
  const [widest, middle, narrowest] = site.bands as [Band, Band, Band];
  const above = { id: 'wide', name: 'Wide', from: 1300 + Math.floor(next() * 200) };
  const below = { id: 'between', name: 'Between', from: 420 + Math.floor(next() * 150) };
  const bands = one(next, [
    [above, widest, middle, narrowest],
    [widest, middle, below, narrowest],
    [above, widest, middle, below, narrowest],
  ]);
  return { ...site, bands };
}

/** Rules that turn anything that can be turned, as a designer makes them; what cannot be said of a piece is left out. */
function withAnyRules(site: Site, next: Next): Site {
  const header = site.headers[site.placing.header!]!;
  const at = { in: 'headers', assembly: header.id } as const;
  const edits = Object.values(header.bars).flatMap((bar): Edit[] => {
    const pieces = bar.bays.flatMap((bay) => bay.pieces.map((piece) => header.pieces[piece]!));
    if (pieces.length === 0) return [];
    return Array.from({ length: 1 + Math.floor(next() * 3) }, (_, index): Edit => {
      const when = one<RuleWhen>(next, [
        { by: 'fit', margin: one(next, [0, 16, 40]) },
        { by: 'centre', margin: one(next, [0, 24]) },
        { by: 'width', below: 400 + Math.floor(next() * 1300) },
        { by: 'band', band: one(next, site.bands).id },
        { by: 'browser' },
      ]);
      const turns = Array.from({ length: 1 + Math.floor(next() * 2) }, () => {
        const piece = one(next, pieces);
        return newTurn(site, piece, one(next, turnChoices(piece)));
      });
      return { edit: 'setRule', at, bar: bar.id, rule: { id: `${bar.id}-any-${index}`, when, turns } };
    });
  });
  return edits.reduce((now, edit) => {
    const outcome = applyEdits(now, [edit]);
    return outcome.ok ? outcome.site : now;
  }, site);
}

/** A site with a header of whatever a header can hold, in one of the further languages if that is asked for, as numbers decide it; its footer holds the same. */
export function siteOf(tape: readonly number[], tongue: string | null = null): Site {
  const next = numbersOf(tape);
  const { artwork } = demo('hollin-sound');
  const site = generatedSite(next, { name: 'Made', third: Math.floor(next() * 3), artwork, tongue });
  const plain = site.headers[site.placing.header!]!;
  const ruled = next() < 0.6 ? plain : withRules(plain, next);
  const header = next() < 0.7 ? ruled : withPhases(ruled, next);
  return {
    ...site,
    headers: { [header.id]: header },
    footers: { 'footer-made': alike(plain, 'footer-made', 'Made footer') },
    placing: { ...site.placing, footer: 'footer-made' },
  };
}

/** The same, half of them in a further language, some with other bands and with rules of any kind: the numbers at the end of the tape decide that. */
function anySiteOf(tape: readonly number[]): Site {
  const next = numbersOf(tape.toReversed());
  const made = siteOf(tape, next() < 0.5 ? one(next, Object.keys(furtherTongues)) : null);
  const inBands = next() < 0.4 ? withBands(made, next) : made;
  return next() < 0.5 ? withAnyRules(inBands, next) : inBands;
}

/** Numbers that decide what is set besides in such a site: ten of them a value. */
const settings = fc.noBias(fc.array(fc.nat(ONE - 1), { minLength: 10, maxLength: 250 }));

/** Such a site with any values set of whatever its header is made of. */
export const siteWith = (tape: readonly number[], set: readonly number[]): Site =>
  anythingSet(anySiteOf(tape), numbersOf(set), Math.floor(set.length / 10));

/** Whether a rule could be measured in the visitor's browser: nothing leaves for the drawer there. */
const couldBeMeasured = ({ when, turns }: CollapseRule) =>
  when.by === 'fit' && turns.every(({ value }) => value !== 'drawer');

/** A site with the rules of its header that wait for a bar to stop fitting measured in the visitor's browser; null where there is none. */
export function measuredInBrowser(site: Site): Site | null {
  const header = site.headers[site.placing.header!]!;
  if (!Object.values(header.bars).some(({ rules }) => rules?.some(couldBeMeasured))) return null;
  const bars = Object.values(header.bars).map(({ rules = [], ...bar }): [string, Bar] => [
    bar.id,
    {
      ...bar,
      rules: rules.map((rule) => (couldBeMeasured(rule) ? { ...rule, when: { by: 'browser' } } : rule)),
    },
  ]);
  return { ...site, headers: { [header.id]: { ...header, bars: Object.fromEntries(bars) } } };
}

/** A tape that a seed decides. */
export function tapeOf(seed: number): number[] {
  const next = numbers(seed);
  return Array.from({ length: 750 }, () => Math.floor(next() * ONE));
}

/** Sites of a tape and what is set besides: nothing, or anything. */
export const ways: readonly { what: string; set: fc.Arbitrary<readonly number[]> }[] = [
  { what: 'headers of all that there is', set: fc.constant([]) },
  { what: 'headers with anything set', set: settings },
];

/** Under which circumstances a site is looked at, and which assembly of it. */
export const looks: readonly {
  kind?: AssemblyKind;
  inStandIn?: boolean;
  root?: number;
  phase?: 'scrolled';
}[] = [{}, {}, {}, { inStandIn: true }, { root: 24 }, { phase: 'scrolled' }, { kind: 'footers' }];
