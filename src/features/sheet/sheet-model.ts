import { bandChain, bandRangeText, type Band } from '@/core/bands/band';
import { EVERYWHERE } from '@/core/bands/follow';
import { findPlace, type Place } from '@/core/edit/place';
import type { Link } from '@/core/properties/link';
import type { Property, Values } from '@/core/properties/property';
import { settledValue } from '@/core/resolve/settled-values';
import { partName } from '@/core/site/parts';
import { seenColour } from '@/core/site/seen-colour';
import type { Site } from '@/core/site/site';
import type { SheetCell, SheetColumn, SheetGroup, SheetRow } from '@/ui/sheet/model';
import { linkWords } from '@/ui/sheet/editor-source';

/** A column for each band. */
export function sheetColumns(bands: readonly Band[]): SheetColumn[] {
  return bands.map((band) => ({ key: band.id, label: band.name, range: bandRangeText(bands, band.id) }));
}

/** A value in words, with the names of what it points at. */
function valueText(site: Site, { kind }: Property, value: unknown): string {
  const { editor } = kind;
  if (editor.as === 'link') return linkWords(site, value as Link);
  if (value === null && editor.open !== undefined) return editor.open;
  if (editor.as === 'reference') return partName(site, editor.to, value as string) ?? 'gone';
  if (editor.as === 'colour' && value !== 'none') return partName(site, 'colours', value as string) ?? 'gone';
  if (editor.as === 'family') return partName(site, 'fonts', value as string) ?? kind.text(value);
  const text = kind.text(value);
  return text === '' ? (editor.as === 'text' && editor.placeholder) || '–' : text;
}

function swatchOf(site: Site, { kind }: Property, value: unknown): string | null {
  return kind.editor.as === 'colour' && value !== 'none' ? seenColour(site, value as string) : null;
}

function cellOf(site: Site, values: Values, property: Property, cell: string): SheetCell {
  const { value, from, own } = settledValue(values, property, bandChain(site.bands), cell);
  const followed = own || from === null ? undefined : site.bands.find((band) => band.id === from);
  return {
    key: cell,
    value,
    text: valueText(site, property, value),
    swatch: swatchOf(site, property, value),
    own,
    follows: followed?.name ?? null,
  };
}

function rowOf(site: Site, values: Values, property: Property): SheetRow {
  const cells = property.banded ? bandChain(site.bands) : [EVERYWHERE];
  return {
    name: property.name,
    label: property.label,
    editor: property.kind.editor,
    cells: cells.map((cell) => cellOf(site, values, property, cell)),
  };
}

/** The sheet of what stands at a place: its properties under their headings, settled for every band. Empty when it is gone. */
export function sheetGroups(site: Site, place: Place): SheetGroup[] {
  const found = findPlace(site, place);
  if (typeof found === 'string') return [];
  const names = [...new Set(found.properties.map((property) => property.group))];
  return names.map((name) => ({
    name,
    rows: found.properties
      .filter((property) => property.group === name)
      .map((property) => rowOf(site, found.holder.values, property)),
  }));
}
