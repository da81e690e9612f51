import { measuresInBrowser } from '../fit/measured-rules';
import { bearsPhases } from '../properties/scroll';
import { assemblyKinds } from '../properties/assembly-kind';
import type { Piece } from '../site/assembly';
import type { Site } from '../site/site';

const pieces = (site: Site): Piece[] =>
  assemblyKinds.flatMap((kind) => Object.values(site[kind]).flatMap((each) => Object.values(each.pieces)));

const says = (piece: Piece, property: string, value: unknown) =>
  Object.values(piece.values[property] ?? {}).includes(value);

/** Whether a piece other than a menu has something that a button opens. */
const opensItself = (piece: Piece) =>
  says(piece, 'form', 'drop') || (piece.kind === 'links' && piece.values.unfolds !== undefined);

/** The parts that the script of a site can have, each a file of src/runtime, with what tells that a site needs it. */
const parts = {
  menus: (site: Site) => pieces(site).some((piece) => piece.kind === 'menu' || opensItself(piece)),
  pointing: (site: Site) => pieces(site).some((piece) => says(piece, 'opensBy', 'pointing')),
  dialogs: (site: Site) => Object.keys(site.drawers).length > 0 || opensDialogs(site),
  search: (site: Site) => pieces(site).some(({ kind }) => kind === 'search'),
  phases: (site: Site) => Object.values(site.headers).some(({ values }) => bearsPhases(values)),
  newsletter: (site: Site) => pieces(site).some(({ kind }) => kind === 'newsletter'),
  embeds: (site: Site) => pieces(site).some(({ kind }) => kind === 'embed'),
  today: (site: Site) => pieces(site).some((piece) => piece.values.hours !== undefined),
  year: (site: Site) => pieces(site).some((piece) => says(piece, 'yearFollows', true)),
  measure: measuresInBrowser,
} satisfies Record<string, (site: Site) => boolean>;
export type ScriptPart = keyof typeof parts;
export const scriptParts = Object.keys(parts) as ScriptPart[];

const opening = new WeakMap<object, boolean>();

/** Whether some link in a part of the document opens the content of its page as a dialog; parts that did not change are not read again. */
export function opensDialogsIn(part: object): boolean {
  const known = opening.get(part) ?? JSON.stringify(part).includes('"to":"dialog"');
  opening.set(part, known);
  return known;
}

/** Whether some link opens the content of its page as a dialog. */
const opensDialogs = ({ menus, headers, drawers, footers }: Site): boolean =>
  [menus, headers, drawers, footers].some(opensDialogsIn);

/** The parts of its script that a site needs, in their order. */
export const usedScripts = (site: Site): ScriptPart[] => scriptParts.filter((part) => parts[part](site));
