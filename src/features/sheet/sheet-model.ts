import { bandChain, bandRangeText, type Band } from '@/core/bands/band';
import { EVERYWHERE } from '@/core/bands/follow';
import { findPlace, type Place, type PlaceContent } from '@/core/edit/place';
import { valueText } from '@/core/menus/value-text';
import { axisCells } from '@/core/properties/axis';
import type { Property, Values } from '@/core/properties/property';
import { cellParts, phaseCell, phaseLabels, phases } from '@/core/properties/phases';
import { scrollProperties } from '@/core/properties/scroll';
import { stateLabels, states, type State } from '@/core/properties/states';
import { settledValue, settledValues } from '@/core/resolve/settled-values';
import { bayActs } from '@/core/resolve/acting';
import { resolveAssembly } from '@/core/resolve/assembly';
import { standingPiece, type Standing } from '@/core/resolve/standing-piece';
import { languageName } from '@/core/site/language';
import { seenColour } from '@/core/site/seen-colour';
import type { Site } from '@/core/site/site';
import { lookOf } from '@/core/why/looks';
import type { SheetCell, SheetColumn, SheetGroup, SheetRow } from '@/ui/sheet/model';

/** What the columns of the sheet stand for. */
export type SheetAxis = 'width' | 'state' | 'scroll' | 'language';

/** A column for each band. */
export function sheetColumns(bands: readonly Band[]): SheetColumn[] {
  return bands.map((band) => ({ key: band.id, label: band.name, range: bandRangeText(bands, band.id) }));
}

const stateColumns: SheetColumn[] = states.map((state) => ({
  key: state,
  label: stateLabels[state],
  range: '',
}));

/** A column for each language, the first being that in which texts are said everywhere until another says otherwise. */
function languageColumns({ languages }: Site): SheetColumn[] {
  const keys = axisCells('language', { bands: [], languages });
  return keys.map((key, index) => ({
    key,
    label: languageName(languages[index]!),
    range: languages[index]!,
  }));
}

function swatchOf(site: Site, { kind }: Property, value: unknown): string | null {
  return kind.editor.as === 'colour' && value !== 'none' && value !== null
    ? seenColour(site, value as string)
    : null;
}

/** The name of the cell that a value comes from, as seen from the cell that follows it: the band or the phase that is another one. */
function cellName(site: Site, from: string, seenFrom: string): string | null {
  const { band, phase } = cellParts(from);
  const here = cellParts(seenFrom);
  const named = site.bands.find((each) => each.id === band)?.name;
  if (from === EVERYWHERE) return languageName(site.languages[0]!);
  if (named === undefined) return stateLabels[from as State] ?? null;
  if (phase === here.phase) return named;
  return band === here.band ? phaseLabels[phase] : `${named}, ${phaseLabels[phase]}`;
}

function cellOf(site: Site, values: Values, property: Property, cell: string): SheetCell {
  const { value, from, own } = settledValue(values, property, bandChain(site.bands), cell);
  const set = own && values[property.name]?.[cell] !== undefined;
  return {
    key: cell,
    value,
    text: valueText(site, property, value),
    aside: null,
    swatch: swatchOf(site, property, value),
    own: set,
    follows: own || from === null ? null : cellName(site, from, cell),
  };
}

/** A cell of a state, which shows what is in effect also where nothing is said. */
function stateCellOf(
  site: Site,
  values: Values,
  property: Property,
  state: State,
  standing: Standing | null,
): SheetCell {
  const cell = cellOf(site, values, property, state);
  if (cell.value !== null || !standing || !property.part) return cell;
  const { text, value, from } = lookOf(site, standing, { ...property, part: property.part }, state);
  return { ...cell, text, swatch: swatchOf(site, property, value ?? null), follows: from };
}

/** The cells of a property in the order of the columns; a state that its part does not have has none. */
function rowOf(
  site: Site,
  { holder: { values }, properties }: PlaceContent,
  property: Property,
  standing: Standing | null,
  axis: SheetAxis,
): SheetRow {
  const has = property.part?.states;
  // Beside values by width, a text is as the first language says it.
  const languages = axis === 'language' ? site.languages : [];
  const aside = (key: string) => {
    if (!property.aside) return null;
    return property.aside(settledValues(values, properties, bandChain(site.bands), key));
  };
  const cell = (key: string) =>
    property.by === 'state'
      ? stateCellOf(site, values, property, key as State, standing)
      : { ...cellOf(site, values, property, key), aside: aside(key) };
  return {
    name: property.name,
    label: property.label,
    editor: property.kind.editor,
    cells: axisCells(property.by, { bands: bandChain(site.bands), languages }).map((key) =>
      has && !has.includes(key as State) ? null : cell(key),
    ),
  };
}

const phaseColumns: SheetColumn[] = phases.map((phase) => ({
  key: phase,
  label: phaseLabels[phase],
  range: '',
}));

/** What a header does on scrolling in each band, by the band's id. */
function scrollingOf(site: Site, place: Place): Record<string, unknown> {
  const assembly = 'assembly' in place ? site[place.in][place.assembly] : undefined;
  const property = scrollProperties.find(({ name }) => name === 'scrolling')!;
  const chain = bandChain(site.bands);
  return Object.fromEntries(
    chain.map((band) => [band, assembly && settledValue(assembly.values, property, chain, band).value]),
  );
}

/** A property by scroll: a row for each band, with a column for each phase that the band has. */
function phaseGroup(site: Site, place: Place, values: Values, property: Property): SheetGroup {
  const scrolling = scrollingOf(site, place);
  return {
    name: property.label,
    rows: site.bands.map(({ id, name }) => ({
      name: property.name,
      label: name,
      said: `${property.label} on the ${name}`,
      editor: property.kind.editor,
      cells: phases.map((phase) =>
        phase === 'returning' && scrolling[id] !== 'returns'
          ? null
          : cellOf(site, values, property, phaseCell(id, phase)),
      ),
    })),
  };
}

/** Whether what stands at a place has anything that differs by phase of scrolling: only headers do. */
export function hasPhases(site: Site, place: Place): boolean {
  const found = findPlace(site, place);
  if (typeof found === 'string' || !('assembly' in place) || place.in !== 'headers') return false;
  return found.properties.some((property) => property.phased);
}

/** Whether what stands at a place has anything that differs by state. */
export function hasStates(site: Site, place: Place): boolean {
  const found = findPlace(site, place);
  return typeof found !== 'string' && found.properties.some((property) => property.by === 'state');
}

/** Whether what stands at a place has texts, on a site of several languages. */
export function hasLanguages(site: Site, place: Place): boolean {
  const found = findPlace(site, place);
  const texts = typeof found !== 'string' && found.properties.some(({ by }) => by === 'language');
  return texts && site.languages.length > 1;
}

/** The sheet of what stands at a place: its properties under their headings, settled for every column. Empty when it is gone. */
export function sheetGroups(site: Site, place: Place, axis: SheetAxis = 'width'): SheetGroup[] {
  const found = findPlace(site, place);
  if (typeof found === 'string') return [];
  if (axis === 'scroll')
    return found.properties
      .filter((property) => property.phased)
      .map((property) => phaseGroup(site, place, found.holder.values, property));
  const listed = found.properties.filter(({ by }) => (axis === 'width' ? by !== 'state' : by === axis));
  const standing = axis === 'state' && place.on === 'piece' ? standingPiece(site, place, place.piece) : null;
  const names = [...new Set(listed.map((property) => property.group))];
  const groups = names.map((name) => ({
    name,
    rows: listed
      .filter((property) => property.group === name)
      .map((property) => rowOf(site, found, property, standing, axis)),
  }));
  return place.on === 'bay' && axis === 'width' ? withoutIdle(site, place, groups) : groups;
}

/** The rows of a bay without the cells of bands in which a property does nothing, as the bar is divided there. */
function withoutIdle(site: Site, place: Place & { on: 'bay' }, groups: SheetGroup[]): SheetGroup[] {
  const assembly = site[place.in][place.assembly]!;
  const nth = assembly.bars[place.bar]!.bays.findIndex(({ id }) => id === place.bay) + 1;
  const bars = site.bands.map(({ id }) =>
    resolveAssembly(site, place.in, assembly, id).bars.find((bar) => bar.id === place.bar)!,
  );
  const acts = (name: string, band: number) => {
    const bar = bars[band]!;
    return (
      bayActs[name]?.(
        bar,
        bar.bays.find((bay) => bay.nth === nth)!,
      ) ?? true
    );
  };
  const acting = (row: SheetRow): SheetRow => ({
    ...row,
    cells: row.cells.map((cell, band) => (acts(row.name, band) ? cell : null)),
  });
  return groups
    .map(({ name, rows }) => ({
      name,
      rows: rows.map(acting).filter(({ cells }) => cells.some((cell) => cell !== null)),
    }))
    .filter(({ rows }) => rows.length > 0);
}

const rowKey = ({ name, said }: SheetRow) => said ?? name;

/** One cell for several things: what they all say, or that they differ. */
function sharedCell(cells: readonly (SheetCell | null)[]): SheetCell | null {
  const [first] = cells;
  if (!first || cells.some((cell) => cell === null)) return null;
  const all = cells as readonly SheetCell[];
  const alike = all.every((cell) => cell.text === first.text && cell.own === first.own);
  return alike
    ? first
    : {
        ...first,
        text: 'differs',
        aside: [...new Set(all.map((cell) => cell.text))].join(', '),
        swatch: null,
        own: all.some((cell) => cell.own),
        follows: null,
      };
}

/** The sheet of several things at once: the properties that all of them have, each with what all of them say. */
export function sharedGroups(site: Site, places: readonly Place[], axis: SheetAxis = 'width'): SheetGroup[] {
  const [first, ...others] = places.map((place) => sheetGroups(site, place, axis));
  if (!first || others.length === 0) return first ?? [];
  const rowsOf = (groups: SheetGroup[]) =>
    new Map(groups.flatMap(({ rows }) => rows).map((row) => [rowKey(row), row]));
  const known = others.map(rowsOf);
  const shared = (row: SheetRow): SheetRow[] => {
    const rows = known.map((each) => each.get(rowKey(row)));
    // A property of the same name can be of another kind on another piece.
    const same = rows.every((each) => JSON.stringify(each?.editor) === JSON.stringify(row.editor));
    return same
      ? [
          {
            ...row,
            cells: row.cells.map((cell, index) =>
              sharedCell([cell, ...rows.map((each) => each!.cells[index]!)]),
            ),
          },
        ]
      : [];
  };
  return first
    .map(({ name, rows }) => ({ name, rows: rows.flatMap(shared) }))
    .filter(({ rows }) => rows.length > 0);
}

/** Columns with what stands in them. */
export interface SheetTable {
  columns: SheetColumn[];
  groups: SheetGroup[];
}

/** The table of what stands at places: a column for each band, or for each state or phase that anything there has. */
export function sheetTable(site: Site, places: readonly Place[], axis: SheetAxis): SheetTable {
  const groups = sharedGroups(site, places, axis);
  if (axis === 'width') return { columns: sheetColumns(site.bands), groups };
  if (axis === 'language') return { columns: languageColumns(site), groups };
  const rows = groups.flatMap((group) => group.rows);
  const columns = axis === 'state' ? stateColumns : phaseColumns;
  const used = columns.map((_, index) => rows.some((row) => row.cells[index] !== null));
  const kept = <T>(list: readonly T[]) => list.filter((_, index) => used[index]);
  return {
    columns: kept(columns),
    groups: groups.map((group) => ({
      ...group,
      rows: group.rows.map((row) => ({ ...row, cells: kept(row.cells) })),
    })),
  };
}
