import { phaseLabels } from '../properties/phases';
import type { Assembly } from '../site/assembly';
import type { Site } from '../site/site';
import { pieceTitle } from '../site/uses';
import type { Cause } from './bar-fit';
import type { Trouble } from './fit-status';

/** What is said of pieces in trouble, by how many px at most. */
const troubles: Record<Trouble, (pieces: Subject, px: string) => string> = {
  narrowed: ({ names, one }, px) => `${names} ${one ? 'gets' : 'get'} narrower, by up to ${px} px`,
  'off-centre': ({ names, one }, px) =>
    `${names} ${one ? 'is' : 'are'} pushed off the middle, by up to ${px} px`,
  uneven: ({ names }, px) => `the cells of ${names} are not of one width, for want of up to ${px} px`,
  wrapped: ({ names, one }, px) =>
    `${names} ${one ? 'breaks its line' : 'break their lines'}, for want of up to ${px} px`,
  'sticks-out': ({ names, one }, px) =>
    `${names} ${one ? 'needs' : 'need'} up to ${px} px more than there are`,
};

/** Pieces as the subject of a sentence. */
interface Subject {
  names: string;
  one: boolean;
}

/** What is the matter, in words. */
export function causeText(site: Site, assembly: Assembly, { trouble, pieces, by, phase }: Cause): string {
  const names = pieces.map((id) => pieceTitle(site, assembly.pieces[id]!));
  const subject = { names: new Intl.ListFormat('en').format(names), one: names.length === 1 };
  const said = troubles[trouble](subject, String(Math.max(1, Math.round(by))));
  return phase === 'top' ? said : `${phaseLabels[phase].toLowerCase()}, ${said}`;
}
