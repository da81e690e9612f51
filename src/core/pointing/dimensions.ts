import type { Layouts } from '../boxes/layout';
import { bandChain } from '../bands/band';
import { EVERYWHERE } from '../bands/follow';
import { findPlace, type Place } from '../edit/place';
import { settledOver } from '../fit/settled-over';
import { usually } from '../fit/heights';
import type { Id } from '../ids/id';
import { isLength, lengthAt, type Length } from '../lengths/formula';
import { pieceKind } from '../pieces';
import type { AssemblyKind } from '../properties/assembly-kind';
import { cellParts, phaseCell, phases, type Phase } from '../properties/phases';
import type { Property } from '../properties/property';
import { settleNames } from '../render/names';
import type { SettledAssembly } from '../resolve/assembly';
import { ownBarLayouts } from '../resolve/bar-layouts';
import { settledValue } from '../resolve/settled-values';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { pieceStyle } from '../text/text-width';
import { columnsOf } from './columns';
import { placeOfPointed, type Pointed } from './pointed';

/** A stretch of an element that is measured: between what stands in it, from an edge to what is in it, from edge to edge, or as high as its text is large. */
export type Stretch =
  'gap' | 'padding-block' | 'padding-inline' | 'padding-start' | 'height' | 'width' | 'text';

/** Where a length is seen; of a limit the element may be longer or shorter than it says. */
export interface Drawn {
  selector: string;
  stretch: Stretch;
  limit: 'least' | 'most' | null;
}

/** A length that a value makes, at one width of the viewport. */
export interface Dimension {
  place: Place;
  property: string;
  label: string;
  /** The cell that decides it at this width. */
  cell: string;
  /** The bands that follow that cell, by name. */
  followers: readonly string[];
  /** What it comes to, and how far it goes, in CSS px. */
  px: number;
  least: number;
  most: number;
  /** Where it is seen: the first of these that is. */
  drawn: readonly Drawn[];
  /** Why it cannot be set here by a number; null where it can. */
  fixed: string | null;
  /** The value with which it comes to so many CSS px. */
  valueFor(px: number): unknown;
  /** How far behind its end the next thing begins that can be in line with others, in CSS px; null for what is in line with nothing. */
  inLine: number | null;
}

/** What of a layout is seen as which stretch; an entry of a padding of two by its place among them. */
const stretchOf: Readonly<Record<string, Stretch>> = {
  gap: 'gap',
  columnGap: 'gap',
  'padding.0': 'padding-block',
  'padding.1': 'padding-inline',
  padding: 'padding-block',
  paddingBlock: 'padding-block',
  paddingInline: 'padding-inline',
  paddingInlineStart: 'padding-start',
  blockSize: 'height',
  minBlockSize: 'height',
  maxBlockSize: 'height',
  inlineSize: 'width',
  minInlineSize: 'width',
  maxInlineSize: 'width',
};

/** The declarations of layouts by selector and name. */
function declarations(layouts: Layouts): Map<string, { selector: string; name: string; said: string }> {
  const all = Object.entries(layouts).flatMap(([selector, layout]) =>
    Object.entries(layout).flatMap(([name, value]) => {
      const parts = Array.isArray(value) && name === 'padding' ? value : null;
      return parts
        ? parts.map((part, index) => ({ selector, name: `${name}.${index}`, said: JSON.stringify(part) }))
        : [{ selector, name, said: JSON.stringify(value) ?? '' }];
    }),
  );
  return new Map(all.map((each) => [`${each.selector} ${each.name}`, each]));
}

/** A length that no value has: what differs with it in a layout is made by the value that it takes the place of. */
const PROBE = 1021;

/** Where a value is seen: what of the layouts differs where it is another one. */
function drawnBy(
  layouts: (values: Record<string, unknown>) => Layouts,
  values: Record<string, unknown>,
  property: string,
): Drawn[] {
  const before = declarations(layouts(values));
  const after = declarations(layouts({ ...values, [property]: PROBE }));
  return [...after].flatMap(([key, { selector, name, said }]) => {
    const stretch = stretchOf[name];
    // What is drawn before or after an element has no edges that a page tells of.
    if (stretch === undefined || selector.includes('::') || before.get(key)?.said === said) return [];
    const limit = name.startsWith('min') ? 'least' : name.startsWith('max') ? 'most' : null;
    return [{ selector, stretch, limit }];
  });
}

/** Lengths of a whole assembly, which no layout says. */
const ofWhole: Readonly<Record<AssemblyKind, Readonly<Record<string, Stretch>>>> = {
  headers: { sideWidth: 'width' },
  drawers: { width: 'width', height: 'height' },
  footers: {},
};

/** What is looked at at a place: its properties, the values that hold, and where each is seen. */
interface Looked {
  place: Place;
  values: Record<string, unknown>;
  /** How large its texts are; null for what has none of its own. */
  textSize: Length | null;
  drawn(property: Property): Drawn[];
}

/** A selector of something in an element, or of the element itself. */
const below = (element: string, at: string): string => (at === '' ? element : `${element} ${at}`);

function lookedAt(site: Site, pointed: Pointed, settled: SettledAssembly): Looked | null {
  const { at } = pointed;
  const names = settleNames(site);
  const under = (id: Id, drawn: readonly Drawn[]) =>
    drawn.map((each) => ({ ...each, selector: below(`.${names.get(id)!}`, each.selector) }));
  if (pointed.on === 'assembly') {
    const whole = ofWhole[at.in];
    return {
      place: placeOfPointed(pointed),
      values: settled.values,
      textSize: null,
      drawn: ({ name }) =>
        whole[name] ? under(at.assembly, [{ selector: '', stretch: whole[name], limit: null }]) : [],
    };
  }
  if (pointed.on === 'bar' || pointed.on === 'bay') {
    const id = pointed.on === 'bar' ? pointed.id : pointed.bar;
    const bar = settled.bars.find((each) => each.id === id);
    if (!bar) return null;
    const layouts = (values: Record<string, unknown>): Layouts => ownBarLayouts(values);
    return {
      place: { on: 'bar', ...at, bar: id },
      values: bar.values,
      textSize: null,
      drawn: ({ name }) => under(id, drawnBy(layouts, bar.values, name)),
    };
  }
  const id = pointed.on === 'item' ? pointed.piece : pointed.id;
  const piece = settled.bars
    .flatMap(({ bays }) => bays.flatMap(({ pieces }) => pieces))
    .find((each) => each.id === id);
  if (!piece) return null;
  const layouts = (values: Record<string, unknown>) => pieceKind(piece.kind).layouts(values, piece.counts);
  return {
    place: { on: 'piece', ...at, piece: id },
    values: piece.values,
    textSize: 'typeStyle' in piece.values ? pieceStyle(site, piece).size : null,
    drawn: ({ name, ofStyle }) =>
      under(
        id,
        ofStyle === 'size'
          ? [{ selector: '', stretch: 'text', limit: null }]
          : drawnBy(layouts, piece.values, name),
      ),
  };
}

/** The names of the narrower bands that follow a cell in its phase: down to the next that has a value of its own. */
function followersOf({ bands }: Site, cells: Readonly<Record<string, unknown>>, cell: string): string[] {
  const { band, phase } = cellParts(cell);
  const narrower = bands.slice(bands.findIndex(({ id }) => id === band) + 1);
  const own = narrower.findIndex(({ id }) => cells[phaseCell(id, phase)] !== undefined);
  return narrower.slice(0, own === -1 ? undefined : own).map(({ name }) => name);
}

/** The value of a length that is the same at every width of its band. */
const inPx = (px: number) => px;

/** The lengths that the values of what is pointed at make at a width of the viewport, in a phase of scrolling. */
export function dimensionsOf(
  site: Site,
  advances: Advances,
  pointed: Pointed,
  { width, phase = 'top' }: { width: number; phase?: Phase },
): Dimension[] {
  const { at } = pointed;
  const assembly = site[at.in][at.assembly];
  if (!assembly) return [];
  const span = { from: width, to: width + 0.001 };
  const [there] = settledOver(usually(site, advances), at.in, assembly, { span, tally: { complete: true } });
  const settled = there?.phases.findLast((each) => phases.indexOf(each.phase) <= phases.indexOf(phase));
  const looked = settled && lookedAt(site, pointed, settled);
  const found = looked && findPlace(site, looked.place);
  if (!there || !looked || !found || typeof found === 'string') return [];
  const { band } = there.within;
  const chain = bandChain(site.bands);
  return found.properties.flatMap((property): Dimension[] => {
    const { editor } = property.kind;
    if (editor.as !== 'length' && editor.as !== 'pixels' && editor.as !== 'division') return [];
    if (property.by !== 'width' && property.by !== null) return [];
    const own = looked.values[property.name];
    const value = own === null && property.ofStyle ? looked.textSize : own;
    const inBand = property.phased ? phaseCell(band, settled.phase) : band;
    const cell = property.by === null ? EVERYWHERE : inBand;
    const said = settledValue(found.holder.values, property, chain, cell);
    const turned = JSON.stringify(said.value) !== JSON.stringify(own);
    const alike = {
      place: looked.place,
      property: property.name,
      label: property.label,
      cell,
      followers:
        property.by === null ? [] : followersOf(site, found.holder.values[property.name] ?? {}, cell),
      fixed: turned ? 'A collapse rule has turned it at this width.' : null,
    };
    if (editor.as === 'division') {
      if (looked.place.on !== 'bar') return [];
      const { bar } = looked.place;
      const selector = (bay: string) => below(`.${settleNames(site).get(bar)!}`, bay);
      return columnsOf(usually(site, advances), settled, bar, { band, width }).map(
        ({ nth, bays, gap, division, ...lengths }) => ({
          ...alike,
          ...lengths,
          label: `Column ${nth}`,
          drawn: bays.map((bay) => ({ selector: selector(bay), stretch: 'width', limit: null })),
          valueFor: division,
          inLine: gap,
        }),
      );
    }
    if (!isLength(value)) return [];
    const drawn = looked.drawn(property);
    if (drawn.length === 0) return [];
    const grows = typeof value !== 'number' ? 'It grows with the window: set it in the sheet.' : null;
    return [
      {
        ...alike,
        px: lengthAt(value, width),
        least: editor.least,
        most: editor.most,
        drawn,
        fixed: alike.fixed ?? grows,
        valueFor: inPx,
        inLine: null,
      },
    ];
  });
}
