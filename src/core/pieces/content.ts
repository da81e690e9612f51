import type { Measures } from '../boxes/box';
import type { LogoVersion } from '../brand/logo-versions';
import type { IconName } from '../icons/icons';
import type { Id } from '../ids/id';
import type { Leaves } from '../properties/menu';
import type { ByState } from '../properties/property';
import type { State } from '../properties/states';
import type { Words } from './shipped-words';

/** An item of a menu as it takes room. */
export interface RoomEntry {
  id: Id;
  label: string;
  icon: IconName | null;
  picture: Id | null;
  card: boolean;
  badge: string;
  description: string;
  leaves: Leaves;
  current: 'page' | 'trail' | null;
  /** Whether it shows in the band. */
  shown: boolean;
  /** Those below it that show in the band. */
  children: readonly RoomEntry[];
  /** Whether any stand below it, also where the band hides all of them. */
  holds: boolean;
}

/** What a piece may ask of the site when it says which boxes it has, and what these are measured with. */
export interface PieceContent extends Measures {
  /** How wide the line of a border of the brand is, in CSS px; 0 for none. */
  border(border: Id | null): number;
  /** The entries of a menu in the order of the band, also those that it hides. */
  entries(menu: Id): readonly RoomEntry[];
  artwork(id: Id): { width: number; height: number } | null;
  logo(version: LogoVersion): Id | null;
  /** Whether the branch of the page stands open when the page is. */
  opensBranch: boolean;
  /** Whether all texts that were asked for so far have been measured; those that were not count as nothing. */
  measured(): boolean;
  siteName: string;
  /** What pages say by themselves in the language. */
  words: Words;
  languages(): readonly { tag: string; name: string; current: boolean }[];
  /** Whether a page from elsewhere may stand in a frame. */
  embeds(address: string): boolean;
}

/** The values of a part that is dressed, as far as they take room (properties/dress.ts). */
type Dressed<Prefix extends string> = { readonly [Name in `${Prefix}Weight`]: ByState<number | null> } & {
  readonly [Name in `${Prefix}Edge`]: ByState<Id | null>;
};

/** How a part of a piece is dressed in a state, as far as that takes room: the weight of its text, and the border around it. */
export function dressOf<Prefix extends string>(
  values: Dressed<Prefix>,
  prefix: Prefix,
  state: State = 'rest',
): { weight: number | null; edge: Id | null } {
  const of = <T>(byState: ByState<T | null>) => byState[state] ?? byState.rest;
  return {
    weight: of<number>((values as Dressed<string>)[`${prefix}Weight`]!),
    edge: of<Id>((values as Dressed<string>)[`${prefix}Edge`]!),
  };
}

/** The same as a box has it. */
export function dressedBox<Prefix extends string>(
  values: Dressed<Prefix>,
  prefix: Prefix,
  content: Pick<PieceContent, 'border'>,
  state?: State,
): { type: { weight: number | null }; edge: number | null; ground: true } {
  const { weight, edge } = dressOf(values, prefix, state);
  return { type: { weight }, edge: edge === null ? null : content.border(edge), ground: true };
}
