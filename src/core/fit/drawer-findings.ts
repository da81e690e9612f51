import type { Id } from '../ids/id';
import { pieceKind } from '../pieces';
import { resolveAssembly, settledPieces } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import type { Site } from '../site/site';
import { allUses, pieceTitle } from '../site/uses';

const list = (names: readonly string[]) => names.map((name) => `“${name}”`).join(', ');

/** What visitors would be surprised by in a drawer, a sentence each: with what they would meet. */
export function drawerFindings(site: Site, drawer: Assembly): string[] {
  const bands = site.bands.map(({ id }) => resolveAssembly(site, 'drawers', drawer, id));
  const titled = (tells: (kind: string, values: Record<string, unknown>, band: number) => boolean) => {
    const found = bands.flatMap((band, index) =>
      settledPieces(band).filter(({ kind, values }) => tells(kind, values, index)),
    );
    const ids = new Set<Id>(found.map(({ id }) => id));
    return [...ids].map((id) => pieceTitle(site, drawer.pieces[id]!));
  };
  const itself = titled((kind, values) => pieceKind(kind).opens?.(values) === drawer.id);
  const sideways = titled(
    (_, { shownAs }, band) =>
      shownAs === 'scrolling' && ['start', 'end'].includes(bands[band]!.values.side as string),
  );
  const { closesOnSwipe, closesOutside } = bands[0]!.values;
  const closes = Object.values(drawer.pieces).some(({ kind }) => kind === 'close');
  const opened = allUses(site).some(({ to, id }) => to === 'drawers' && id === drawer.id);
  return [
    ...(opened ? [] : ['Nothing on any page opens it.']),
    ...(itself.length > 0
      ? [`${list(itself)} opens the drawer that it stands in: nothing happens when it is pressed.`]
      : []),
    ...(closesOnSwipe && sideways.length > 0
      ? [`A swipe over ${list(sideways)} scrolls its row, and does not close the drawer.`]
      : []),
    ...(closes
      ? []
      : [
          closesOutside
            ? 'It has no close button: who touches the screen closes it outside of it only.'
            : 'It has no close button and stays open on a click outside: who touches the screen has the way back only.',
        ]),
  ];
}
