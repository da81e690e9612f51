import { itemLabel } from '../menus/entries';
import { cellParts, phaseLabels } from '../properties/phases';
import { stateLabels, type State } from '../properties/states';
import { bayName } from '../site/assembly';
import { languageName } from '../site/language';
import type { Site } from '../site/site';
import { pieceTitle } from '../site/uses';
import { findPlace, type Place } from './place';

/** What stands at a place is called, such as `Main bar, middle` or `Menu: Main`; empty where it is gone. */
export function placeName(site: Site, place: Place): string {
  if (typeof findPlace(site, place) === 'string') return '';
  if (place.on === 'words') return 'what pages say by themselves';
  if (place.on === 'brand') return 'the brand';
  if (place.on === 'typeStyle') return site.brand.typeStyles[place.style]!.name;
  if (place.on === 'menu') return site.menus[place.menu]!.name;
  if (place.on === 'item') return itemLabel(site, site.menus[place.menu]!.items[place.item]!);
  const assembly = site[place.in][place.assembly]!;
  if (place.on === 'assembly') return assembly.name;
  if (place.on === 'piece') return pieceTitle(site, assembly.pieces[place.piece]!);
  const { name, bays } = assembly.bars[place.bar]!;
  if (place.on === 'bar') return name;
  const index = bays.findIndex(({ id }) => id === place.bay);
  return `${name}, ${bayName(index, bays.length)}`;
}

/** What a cell of an axis is called, such as `Phone`, `Desktop, scrolled`, `Hover` or `Deutsch`; null for the one cell of what is the same everywhere. */
export function cellName({ bands, languages }: Site, cell: string): string | null {
  const { band, phase } = cellParts(cell);
  const named = bands.find(({ id }) => id === band)?.name;
  if (languages.includes(cell)) return languageName(cell);
  if (named === undefined) return stateLabels[cell as State] ?? null;
  return phase === 'top' ? named : `${named}, ${phaseLabels[phase].toLowerCase()}`;
}
