import type { Given } from '../../site/page';
import { slots } from '../../site/placing-schema';
import type { Site } from '../../site/site';
import { detail, orNothing, type Detail } from './thing';

/** A header and a footer that something gives. */
export function givenDetails(site: Site, given: Given, before = ''): Detail[] {
  return slots
    .filter((slot) => given[slot] !== undefined)
    .map((slot) => {
      const id = given[slot]!;
      return detail(`${before}${slot}`, id, () =>
        id === null ? 'none' : orNothing(site[`${slot}s`][id]?.name),
      );
    });
}
