import type { AssemblyPlace, Place } from '../edit/place';
import type { Id } from '../ids/id';

/** A thing of an assembly that can be pointed at on a page: the whole, a bar, a bay, a piece or a part of it that has states, an item of the menu that a piece shows. */
export type Pointed = { at: AssemblyPlace } & (
  | { on: 'assembly' }
  | { on: 'bar'; id: Id }
  | { on: 'bay'; bar: Id; id: Id }
  | { on: 'piece'; id: Id; part?: string }
  | { on: 'item'; piece: Id; menu: Id; item: Id }
);

/** The place in the document of what is pointed at; of a part, its piece. */
export function placeOfPointed({ at, ...thing }: Pointed): Place {
  if (thing.on === 'assembly') return { on: 'assembly', ...at };
  if (thing.on === 'bar') return { on: 'bar', ...at, bar: thing.id };
  if (thing.on === 'bay') return { on: 'bay', ...at, bar: thing.bar, bay: thing.id };
  if (thing.on === 'piece') return { on: 'piece', ...at, piece: thing.id };
  return { on: 'item', menu: thing.menu, item: thing.item };
}

/** One text for things that are the same, and another for others. */
export const pointedKey = ({ at, ...thing }: Pointed): string =>
  Object.entries({ ...at, ...thing })
    .map(([name, value]) => `${name}:${value}`)
    .sort()
    .join(' ');
