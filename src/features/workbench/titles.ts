import type { Place } from '@/core/edit/place';
import { placeName } from '@/core/edit/place-name';
import type { Site } from '@/core/site/site';

/** What the selection is called. */
export function selectionTitle(site: Site, places: readonly Place[]): string {
  return places.length > 1 ? `${places.length} pieces` : placeName(site, places[0]!);
}
