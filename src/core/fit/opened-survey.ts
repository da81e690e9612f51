import { NARROWEST, WIDEST } from '../bands/band';
import type { PlacedBox } from '../boxes/placed';
import type { Id } from '../ids/id';
import type { AssemblyKind } from '../properties/assembly-kind';
import { drawerParts, type DrawerPart } from '../properties/bar';
import { isUpright, LOW_WINDOW } from '../properties/drawer';
import { TARGET } from '../properties/target';
import { resolveAssembly } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import { placedAssembly } from './placed-assembly';
import { besideLists } from './beside-lists';
import { openDropDowns, type PlacedDropDown } from './drop-down-places';
import type { Circumstances } from './circumstances';
import { heldScreens, type HeldScreen } from './screens';
import { stageAt, stagesDown, wayDown } from './way-down';

/** How what drops down stands over a stretch of viewport widths, in CSS px. */
export interface DropDownStretch {
  from: number;
  to: number;
  /** How many there are, and those that stand otherwise than is said, since they would leave the window. */
  count: number;
  turned: readonly Id[];
  /** Those that are as wide as the window within its gutters, since the window leaves too little beside their items. */
  across: readonly Id[];
  /** From which height of the window on lists open beside them, in CSS px; null where none does. Those in which lists stand inside for want of room. */
  besideFrom: number | null;
  inside: readonly Id[];
  /** The screens of such a width on which some of them are higher than what is left below the header, and scroll inside. */
  scrolling: readonly HeldScreen[];
}

/** How the body of a drawer stands on a screen. */
export interface DrawerOnScreen {
  screen: HeldScreen;
  /** How high what is in it is, and how high the part that is seen of it, in CSS px: where that is less, it scrolls. */
  content: number;
  seen: number;
  /** How many more items of its longest list would fit before it scrolls; less than none where it does. */
  left: number;
}

/** What opens in an assembly: how its drop-downs stand, and where the body of a drawer scrolls. */
export interface OpenedSurvey {
  dropDowns: readonly DropDownStretch[];
  drawer: readonly DrawerOnScreen[];
}

const scrolls = ({ natural, height }: PlacedDropDown) => height < natural - 1;

function dropDownStretches(today: Circumstances, kind: AssemblyKind, own: Assembly): DropDownStretch[] {
  const way = wayDown(today.site, today.advances, kind, own);
  return stagesDown(way)
    .map(({ stage, from: begins, to }) => ({
      stage,
      begins,
      from: Math.max(begins, NARROWEST),
      to: Math.min(to, WIDEST),
    }))
    .filter(({ from, to }) => from < to)
    .flatMap(({ stage, begins, from, to }) => {
      const open = openDropDowns(today, kind, own, { width: from, height: Infinity });
      const all = open.filter(({ level }) => level === 1);
      if (all.length === 0) return [];
      const settled = resolveAssembly(today.site, kind, own, stage);
      const beside = besideLists(today.site, today.advances, settled, { band: stage.band, from: begins });
      const idOf = ({ entry, piece }: PlacedDropDown) => entry ?? piece;
      const onScreen = heldScreens.filter(({ width }) => width >= from && width < to);
      return [
        {
          from,
          to,
          count: all.length,
          besideFrom: beside.sides.size > 0 ? beside.windowHeight : null,
          inside: beside.inside,
          turned: all.filter(({ side, wanted }) => side !== wanted && side !== 'across').map(idOf),
          across: all.filter(({ side }) => side === 'across').map(idOf),
          scrolling: onScreen.filter(({ width, height }) =>
            openDropDowns(today, kind, own, { width, height }).some(scrolls),
          ),
        },
      ];
    });
}

/** Lists in a placed box: the boxes in each that stand below each other under the same selector. */
function* listsIn({ of }: PlacedBox): Generator<readonly PlacedBox[]> {
  const [first] = of;
  const alike = of.filter(({ at }) => at === first?.at);
  if (alike.length > 1 && alike.every(({ y }, index) => index === 0 || y > alike[index - 1]!.y)) yield alike;
  for (const each of of) yield* listsIn(each);
}

/** How far the items of the longest list in something placed are apart, from top to top, in CSS px; as high as a target where there is none. */
function pitchOf(placed: PlacedBox): number {
  const lists = placed.of.flatMap((bar) => [...listsIn(bar)]);
  const longest = lists.reduce<readonly PlacedBox[]>(
    (most, each) => (each.length > most.length ? each : most),
    [],
  );
  const [first, second] = longest;
  return first && second ? second.y - first.y : TARGET;
}

function drawerOnScreens(today: Circumstances, own: Assembly): DrawerOnScreen[] {
  const { site, advances } = today;
  const way = wayDown(site, advances, 'drawers', own);
  return heldScreens.map((screen) => {
    const stage = stageAt(way, screen.width);
    const settled = resolveAssembly(site, 'drawers', own, stage);
    const placed = placedAssembly(today, settled, stage.band, screen.width);
    const heightOf = (part: DrawerPart) =>
      settled.bars.reduce(
        (sum, { values }, index) => sum + (values.part === part ? placed.of[index]!.height : 0),
        0,
      );
    const [head, content, foot] = drawerParts.map(heightOf) as [number, number, number];
    const { height } = settled.values;
    const window =
      isUpright(settled.values) || typeof height !== 'number'
        ? screen.height
        : Math.min(height, screen.height);
    // In a low window all of it scrolls.
    const seen = screen.height > LOW_WINDOW ? window - head - foot : window;
    const whole = screen.height > LOW_WINDOW ? content : head + content + foot;
    return { screen, content: whole, seen, left: Math.floor((seen - whole) / pitchOf(placed)) };
  });
}

/** What opens in an assembly, at every width and on every shipped screen. */
export function surveyOpened(today: Circumstances, kind: AssemblyKind, own: Assembly): OpenedSurvey {
  return {
    dropDowns: dropDownStretches(today, kind, own),
    drawer: kind === 'drawers' ? drawerOnScreens(today, own) : [],
  };
}
