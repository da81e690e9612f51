import { placeName } from '@/core/edit/place-name';
import { statedParts } from '@/core/pieces/stated-parts';
import { placeOfPointed, type Pointed } from '@/core/pointing/pointed';
import type { Site } from '@/core/site/site';

/** What something that is pointed at is called: a part with its piece; empty where it is gone. */
export function pointedName(site: Site, pointed: Pointed): string {
  const name = placeName(site, placeOfPointed(pointed));
  if (name === '' || pointed.on !== 'piece' || pointed.part === undefined) return name;
  const { kind } = site[pointed.at.in][pointed.at.assembly]!.pieces[pointed.id]!;
  const part = statedParts(kind).find(({ prefix }) => prefix === pointed.part);
  return part ? `${name}, ${part.label.toLowerCase()}` : name;
}

/** What the selection is called: what is pointed at, or how many pieces are selected. */
export const selectionTitle = (site: Site, pointed: Pointed, count: number): string =>
  count > 1 ? `${count} pieces` : pointedName(site, pointed);
