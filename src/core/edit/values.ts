import * as v from 'valibot';
import { bandChain } from '../bands/band';
import { allCells } from '../properties/axis';
import type { Property, Values } from '../properties/property';
import type { Site } from '../site/site';
import { editKind } from './edit-kind';
import { findPlace, placeSchema, type Place } from './place';
import { cellName, placeName } from './place-name';

const cellSchema = v.pipe(v.string(), v.maxLength(48));

interface Cell {
  /** The values at the place, open to change. */
  values: Record<string, Record<string, unknown>>;
  property: Property;
}

/** The cell of a property in the draft, or why it is not to be had. */
function findCell(draft: Site, edit: { place: Place; property: string; cell: string }): Cell | string {
  const found = findPlace(draft, edit.place);
  if (typeof found === 'string') return found;
  const property = found.properties.find((each) => each.name === edit.property);
  if (!property) return `There is no property “${edit.property}” here.`;
  if (
    !allCells(property, { bands: bandChain(draft.bands), languages: draft.languages }).includes(edit.cell)
  ) {
    return `“${property.label}” has no value for “${edit.cell}”.`;
  }
  return { values: found.holder.values as Values as Cell['values'], property };
}

/** The property, the cell and what stands at the place, such as `Least height, Phone, of Main bar`. */
function cellWords(site: Site, edit: { place: Place; property: string; cell: string }): string {
  const found = findPlace(site, edit.place);
  if (typeof found === 'string') return 'a value';
  const label = found.properties.find(({ name }) => name === edit.property)?.label ?? 'a value';
  const cell = cellName(site, edit.cell);
  return `${label}${cell === null ? '' : `, ${cell},`} of ${placeName(site, edit.place)}`;
}

export const setValue = editKind({
  title: 'Set a value',
  says: (site, edit) => `Set ${cellWords(site, edit)}`,
  schema: v.strictObject({
    edit: v.literal('setValue'),
    place: placeSchema,
    property: v.string(),
    cell: cellSchema,
    value: v.unknown(),
  }),
  apply(draft, edit) {
    const cell = findCell(draft, edit);
    if (typeof cell === 'string') return cell;
    const { values, property } = cell;
    const parsed = v.safeParse(property.kind.schema, edit.value);
    if (!parsed.success) return `${property.label}: ${parsed.issues[0].message}`;
    // The cell alone is written, so that two windows may set a property for two bands.
    const cells = values[property.name];
    if (cells) cells[edit.cell] = parsed.output;
    else values[property.name] = { [edit.cell]: parsed.output };
    return null;
  },
});

/** Takes a cell's own value away, so that it follows the wider band again. */
export const clearValue = editKind({
  title: 'Clear a value',
  says: (site, edit) => `Clear ${cellWords(site, edit)}`,
  schema: v.strictObject({
    edit: v.literal('clearValue'),
    place: placeSchema,
    property: v.string(),
    cell: cellSchema,
  }),
  apply(draft, edit) {
    const cell = findCell(draft, edit);
    if (typeof cell === 'string') return cell;
    const { values, property } = cell;
    const cells = values[property.name];
    if (!cells || !Object.hasOwn(cells, edit.cell)) return null;
    if (Object.keys(cells).length > 1) delete cells[edit.cell];
    else delete values[property.name];
    return null;
  },
});
