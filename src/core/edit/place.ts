import * as v from 'valibot';
import { pieceKind } from '../pieces';
import { wordProperties } from '../pieces/words';
import { assemblyProperties } from '../properties/assembly';
import { assemblyKinds, assemblyNouns } from '../properties/assembly-kind';
import { bayProperties } from '../properties/bay';
import { barPropertiesIn } from '../properties/bar';
import { brandProperties } from '../properties/brand';
import { typeStyleProperties } from '../brand/type-style';
import { itemProperties, menuProperties } from '../properties/menu';
import { idSchema, own } from '../ids/id';
import type { Property, Values } from '../properties/property';
import type { Assembly } from '../site/assembly';
import type { Site } from '../site/site';

const assemblyPlace = { in: v.picklist(assemblyKinds), assembly: idSchema };

/** A header, drawer or footer. */
export const assemblyPlaceSchema = v.strictObject(assemblyPlace);
export type AssemblyPlace = v.InferOutput<typeof assemblyPlaceSchema>;

/** Something in the document that has properties: the words of pages, the brand, a type style, a menu or an item, an assembly, a bar, a bay or a piece. */
export const placeSchema = v.variant('on', [
  v.strictObject({ on: v.literal('words') }),
  v.strictObject({ on: v.literal('brand') }),
  v.strictObject({ on: v.literal('typeStyle'), style: idSchema }),
  v.strictObject({ on: v.literal('menu'), menu: idSchema }),
  v.strictObject({ on: v.literal('item'), menu: idSchema, item: idSchema }),
  v.strictObject({ on: v.literal('assembly'), ...assemblyPlace }),
  v.strictObject({ on: v.literal('bar'), ...assemblyPlace, bar: idSchema }),
  v.strictObject({ on: v.literal('bay'), ...assemblyPlace, bar: idSchema, bay: idSchema }),
  v.strictObject({ on: v.literal('piece'), ...assemblyPlace, piece: idSchema }),
]);
export type Place = v.InferOutput<typeof placeSchema>;

/** One text for the same place, and another for others. */
export const placeKey = (place: Place): string =>
  Object.entries(place)
    .map(([name, value]) => `${name}:${value}`)
    .sort()
    .join(' ');

/** What stands at a place: its values and the properties that describe them. */
export interface PlaceContent {
  holder: { values: Values };
  properties: readonly Property[];
}

function findInBrand(site: Site, place: Place & { on: 'brand' | 'typeStyle' }): PlaceContent | string {
  if (place.on === 'brand') return { holder: site.brand, properties: brandProperties };
  const style = own(site.brand.typeStyles, place.style);
  return style ? { holder: style, properties: typeStyleProperties } : 'This type style is no longer there.';
}

function findInMenus(site: Site, place: Place & { on: 'menu' | 'item' }): PlaceContent | string {
  const menu = own(site.menus, place.menu);
  if (!menu) return 'This menu is no longer there.';
  if (place.on === 'menu') return { holder: menu, properties: menuProperties };
  const item = own(menu.items, place.item);
  return item
    ? { holder: item, properties: itemProperties }
    : `The item is no longer in the menu “${menu.name}”.`;
}

function findInBars(assembly: Assembly, place: Place & { on: 'bar' | 'bay' }): PlaceContent | string {
  const bar = own(assembly.bars, place.bar);
  if (!bar) return `The bar is no longer in “${assembly.name}”.`;
  if (place.on === 'bar') return { holder: bar, properties: barPropertiesIn(place.in) };
  const bay = bar.bays.find((each) => each.id === place.bay);
  return bay ? { holder: bay, properties: bayProperties } : `The bay is no longer in “${bar.name}”.`;
}

/** What stands at a place of the document, or a sentence that says what is gone. */
export function findPlace(site: Site, place: Place): PlaceContent | string {
  if (place.on === 'words') return { holder: site.words, properties: wordProperties };
  if (place.on === 'brand' || place.on === 'typeStyle') return findInBrand(site, place);
  if (place.on === 'menu' || place.on === 'item') return findInMenus(site, place);
  const assembly = own(site[place.in], place.assembly);
  if (!assembly) return `This ${assemblyNouns[place.in]} is no longer there.`;
  if (place.on === 'assembly') return { holder: assembly, properties: assemblyProperties[place.in] };
  if (place.on === 'bar' || place.on === 'bay') return findInBars(assembly, place);
  const piece = own(assembly.pieces, place.piece);
  return piece
    ? { holder: piece, properties: pieceKind(piece.kind).properties }
    : `The piece is no longer in “${assembly.name}”.`;
}
