import { seenColour } from '@/core/site/seen-colour';
import type { ScrimForm } from '@/core/colour/picture-contrast';
import type { Edit } from '@/core/edit';
import type { OverPicture } from '@/core/fit/over-picture';
import type { IdSource } from '@/core/site/defaults';
import type { Site } from '@/core/site/site';

/** A scrim that is to be put in. */
export interface WantedScrim {
  form: ScrimForm;
  colour: 'black' | 'white';
  alpha: number;
}

/** The edits that lay a scrim under a bar in a band: with a colour of the brand of that name, which is added where there is none yet. */
export function scrimEdits(
  site: Site,
  header: string,
  { bar, band }: OverPicture,
  { form, colour, alpha }: WantedScrim,
  ids: IdSource,
): Edit[] {
  const channel = colour === 'black' ? 0 : 255;
  const css = `rgb(${channel} ${channel} ${channel} / ${alpha})`;
  const known = Object.keys(site.brand.colours).find((id) => seenColour(site, id) === css);
  const id = known ?? ids();
  const name = `Scrim, ${colour} ${Math.round(alpha * 100)} %`;
  const place = { on: 'bar', in: 'headers', assembly: header, bar } as const;
  const set = (property: string, value: unknown): Edit => ({
    edit: 'setValue',
    place,
    property,
    cell: band,
    value,
  });
  return [
    ...(known === undefined
      ? [{ edit: 'addToken' as const, family: 'colours' as const, token: { id, name, value: { css } } }]
      : []),
    ...(form === 'flat'
      ? [set('ground', id), set('tint', 'none')]
      : [set('ground', 'none'), set('tint', id), set('tintTowards', 'top')]),
  ];
}
