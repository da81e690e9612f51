import type { Id } from '../ids/id';
import { pieceKind } from '../pieces';
import { resolveAssembly, settledPieces } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import type { Site } from '../site/site';
import { usesById, pieceTitle } from '../site/uses';

/** Something that visitors would be surprised by in a drawer, in a piece of it or, for null, in all of it. */
export interface DrawerFinding {
  piece: Id | null;
  fault: 'never opened' | 'opens itself' | 'swiped over' | 'not closed';
  words: string;
}

/** What visitors would be surprised by in a drawer, with what they would meet. */
export function drawerFindings(site: Site, drawer: Assembly): DrawerFinding[] {
  const bands = site.bands.map(({ id }) => resolveAssembly(site, 'drawers', drawer, id));
  const told = (
    fault: DrawerFinding['fault'],
    words: (title: string) => string,
    tells: (kind: string, values: Record<string, unknown>, band: number) => boolean,
  ) => {
    const found = bands.flatMap((band, index) =>
      settledPieces(band).filter(({ kind, values }) => tells(kind, values, index)),
    );
    return [...new Set(found.map(({ id }) => id))].map((piece): DrawerFinding => ({
      piece,
      fault,
      words: words(`“${pieceTitle(site, drawer.pieces[piece]!)}”`),
    }));
  };
  const itself = told(
    'opens itself',
    (title) => `${title} opens the drawer that it stands in: nothing happens when it is pressed.`,
    (kind, values) => pieceKind(kind).opens?.(values) === drawer.id,
  );
  const sideways = told(
    'swiped over',
    (title) => `A swipe over ${title} scrolls its row, and does not close the drawer.`,
    (_, { shownAs }, band) =>
      shownAs === 'scrolling' && ['start', 'end'].includes(bands[band]!.values.side as string),
  );
  const { closesOnSwipe, closesOutside } = bands[0]!.values;
  const closes = Object.values(drawer.pieces).some(({ kind }) => kind === 'close');
  const opened = usesById(site, 'drawers').has(drawer.id);
  const whole = (fault: DrawerFinding['fault'], words: string): DrawerFinding => ({
    piece: null,
    fault,
    words,
  });
  return [
    ...(opened ? [] : [whole('never opened', 'Nothing on any page opens it.')]),
    ...itself,
    ...(closesOnSwipe ? sideways : []),
    ...(closes
      ? []
      : [
          whole(
            'not closed',
            closesOutside
              ? 'It has no close button: who touches the screen closes it outside of it only.'
              : 'It has no close button and stays open on a click outside: who touches the screen has the way back only.',
          ),
        ]),
  ];
}
