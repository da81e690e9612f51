import { withinWindow } from '../../bands/band';
import type { HangingSide } from '../../pieces/piece';
import { dropDownSides, type Side } from '../../fit/drop-down-sides';
import { besideLists } from '../../fit/beside-lists';
import { roomTaken } from '../../fit/heights';
import type { WayStage } from '../../fit/way-down';
import { rem } from '../../lengths/length';
import { joinRules, type Block, type Declarations, type Rules } from '../../markup/css';
import { pieceKind } from '../../pieces';
import { settledPieces, type SettledAssembly } from '../../resolve/assembly';
import type { Site } from '../../site/site';
import type { Advances } from '../../text/advances';
import type { Names } from '../names';
import { byStage, scopeRules, type RulesByStage } from './rules-by-stage';

/** What it is written with where things stand. */
export interface PlacesInput {
  site: Site;
  /** What is known of the widths of texts: bars are as high as these make them. */
  advances: Advances;
  names: Names;
}

/** What hangs from an item that stands to its side at some stage, with how it stands at each; null where it is not there. */
interface History {
  selector: string;
  sides: readonly (Side | null)[];
}

/** Those that do not stand as they want to at every stage. */
function turnedAside(histories: readonly History[], wants: readonly (string | null)[]): History[] {
  return histories.filter(({ sides }) => sides.some((side, stage) => side !== null && side !== wants[stage]));
}

/** What of the ways in which something stands is not the same for all of them. */
function differing(css: Readonly<Record<string, Declarations>>, sides: readonly string[]): string[] {
  const names = Object.keys(css[sides[0]!]!);
  return names.filter((name) => new Set(sides.map((side) => css[side]![name])).size > 1);
}

/** In windows that have the room, the lists below the items of drop-downs open beside these: a block for each stage in which some do. */
export function besideBlocks(
  { site, advances, names }: PlacesInput,
  settled: readonly SettledAssembly[],
  stages: readonly WayStage[],
): Block[] {
  return settled.flatMap((stage, index) => {
    const [{ band, below }, from] = [stages[index]!, stages[index + 1]?.below ?? 0];
    const { sides, windowHeight } = besideLists(site, advances, stage, { band, from });
    const rules = [...sides].flatMap(([id, own]) => {
      const { kind, values } = settledPieces(stage).find((piece) => piece.id === id)!;
      return (['end', 'start'] as const).map((side) => {
        const panels = [...own].filter(([, at]) => at === side).map(([selector]) => `& ${selector}`);
        const where = { side, panels, above: stage.kind === 'footers' };
        return panels.length === 0
          ? {}
          : scopeRules(pieceKind(kind).hanging!.beside!(values, where), `.${names.get(id)!}`);
      });
    });
    if (rules.length === 0) return [];
    // What opens by a script alone stands inside where there is none.
    const at = `${withinWindow(from, below, windowHeight)} and (scripting: enabled)`;
    return [{ at, inside: [joinRules(...rules)] }];
  });
}

/** The selector of the item from which something hangs. */
const itemOf = (selector: string) => selector.slice(0, selector.lastIndexOf(' > '));

/** The rules of what hangs out of a piece, stage by stage: of those that do not stand as they want to. */
function pieceSides(
  settled: readonly SettledAssembly[],
  piece: string,
  all: readonly ReadonlyMap<string, Side>[],
): Rules[] {
  const own = settled.map((stage) => settledPieces(stage).find(({ id }) => id === piece)!);
  const { hanging, unseen } = pieceKind(own[0]!.kind);
  const wants = own.map(({ values }) => hanging!.at(values));
  const selectors = [...new Set(all.flatMap((sides) => [...sides.keys()]))];
  const histories = selectors.map((selector): History => ({
    selector,
    sides: all.map((sides) => sides.get(selector) ?? null),
  }));
  const aside = turnedAside(histories, wants);
  const ways = [...new Set(aside.map(({ sides }) => sides.join(' ')))];
  return settled.map((_, stage) =>
    joinRules(
      ...ways.map((way): Rules => {
        const group = aside.filter(({ sides }) => sides.join(' ') === way);
        const [{ selector: first, sides }] = group as [History];
        const used = sides.reduce<HangingSide[]>((all, side, at) => {
          // Where its list is not displayed, it stays as it was.
          const before = unseen?.(own[at]!.values, first) ? all.at(-1) : undefined;
          return [...all, side ?? before ?? wants[at]!];
        }, []);
        const names = differing(hanging!.css, [...used, ...wants]);
        const side = hanging!.css[used[stage]!]!;
        const at = (change: (selector: string) => string) =>
          group.map(({ selector }) => `& ${change(selector)}`).join(', ');
        return {
          [at((selector) => selector)]: Object.fromEntries(names.map((name) => [name, side[name]!])),
          // As wide as the window, nothing between holds it.
          ...(used.includes('across') ? hanging!.held(at(itemOf), used[stage]!) : {}),
        };
      }),
    ),
  );
}

/**
 * Where what hangs out of pieces stands, stage by stage, so that nothing leaves the window; and how high a header is, which is the most
 * that is above what hangs out of it.
 */
export function hangingRules(
  { site, advances, names }: PlacesInput,
  settled: readonly SettledAssembly[],
  stages: readonly WayStage[],
): RulesByStage[] {
  const kinds = settled.flatMap(settledPieces).map(({ kind }) => kind);
  if (!kinds.some((kind) => pieceKind(kind).hanging)) return [];
  const all = settled.map((stage, index) =>
    dropDownSides(site, advances, stage, { band: stages[index]!.band, from: stages[index + 1]?.below ?? 0 }),
  );
  const pieces = [...new Set(all.flatMap((sides) => [...sides.keys()]))];
  const high = settled.map((stage, index): Rules => {
    const from = stages[index + 1]?.below ?? 0;
    const room = roomTaken(site, advances, stage, { band: stages[index]!.band, from });
    // What hangs out of anything else has the whole window.
    return stage.kind !== 'headers' || all[index]!.size === 0
      ? {}
      : { '&': { '--header-height': rem(room) } };
  });
  return [
    byStage(high.map((rules) => scopeRules(rules, `.${names.get(settled[0]!.id)!}`))),
    ...pieces.map((piece) =>
      byStage(
        pieceSides(
          settled,
          piece,
          all.map((sides) => sides.get(piece) ?? new Map<string, Side>()),
        ).map((rules) => scopeRules(rules, `.${names.get(piece)!}`)),
      ),
    ),
  ];
}
