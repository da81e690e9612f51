import { pieceStyle } from '../text/text-width';
import { valueText } from '../menus/value-text';
import type { Property } from '../properties/property';
import type { State, StatedPart } from '../properties/states';
import type { Standing } from '../resolve/standing-piece';
import { colourInState, saidInState } from '../resolve/state-look';
import { partName } from '../site/parts';
import type { Site } from '../site/site';

/** What a part looks like in a state in which nothing is said of it. */
export interface Look {
  /** In words. */
  text: string;
  /** The value itself, where it can be named. */
  value?: unknown;
  /** What it comes from, such as the part that it follows. */
  from: string;
  /** The property of the same piece that says it. */
  said?: string;
  /** Whether it is the ink of the bar. */
  ofBar?: boolean;
}

/** What a state looks like where nothing is said of it: the value in words, where it can be named the value itself, and what it comes from. */
export function lookOf(
  site: Site,
  { inBar, settled }: Standing,
  property: Property & { part: StatedPart },
  state: State,
): Look {
  const { part } = property;
  const name = property.name.slice(part.prefix.length);
  const said = saidInState(inBar.piece, part, name, state);
  const named = (value: unknown, from: string) => ({ text: valueText(site, property, value), value, from });
  if (said) return { ...named(said.value, said.of.label), said: `${said.of.prefix}${name}` };
  const open = property.kind.editor.open!.replace(/^as /, '');
  const own = open === 'it comes' ? 'the piece' : open;
  const bare = part.bare(inBar.piece, state);
  const ofBar = bare.ink === 'of the bar';
  const looks: Record<string, () => Look> = {
    Ink: () => ({ ...named(colourInState(inBar, part, 'Ink', state), ofBar ? 'the bar' : own), ofBar }),
    Ground: () => named(bare.ground, own),
    Edge: () => ({ text: bare.border ?? 'none', from: own }),
    Marker: () => named(false, own),
    Corners: () => ({ text: bare.corners ? partName(site, 'radii', bare.corners)! : '0 px', from: own }),
    Weight: () => ({ text: pieceStyle(site, settled).weight, from: 'the type style' }),
  };
  return looks[name]!();
}
