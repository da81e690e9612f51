'use client';

import { QUIET, useFindings } from '@/client/findings';
import { useSite } from '@/client/open-site-context';
import { placeKey, type Place } from '@/core/edit/place';
import { placeOf } from '@/core/why/reason';
import { ScreenLink } from '@/ui/screen-link';

const isAt = (one: Place | null, other: Place) => one !== null && placeKey(one) === placeKey(other);

/** How many findings there are about what is selected, as the way to them: nothing while there is none. */
export function FindingsOfPlace({ place }: { place: Place }) {
  const site = useSite();
  const found = useFindings(site, QUIET);
  const accepted = site.accepted ?? {};
  const own = (found?.all ?? []).filter(({ lead, key }) => isAt(placeOf(lead), place) && !(key in accepted));
  if (own.length === 0) return null;
  return (
    <ScreenLink
      href={`/sites/${site.id}/checks?finding=${encodeURIComponent(own[0]!.key)}`}
      title={own[0]!.words}
    >
      {own.length === 1 ? 'one finding' : `${own.length} findings`}
    </ScreenLink>
  );
}
