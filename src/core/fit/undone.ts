import type { AssemblyKind } from '../properties/assembly-kind';
import type { Id } from '../ids/id';
import { resolveAssembly, settledPieces } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import type { Site } from '../site/site';
import type { WayDown } from './way-down';

/** Something that a rule turns and that a later rule, or a band, turns back to what it was. */
export interface Undone {
  rule: Id;
  piece: Id;
  property: string;
  /** The band that does it; null where a rule does. */
  band: Id | null;
  /** Below which width, in CSS px. */
  below: number;
}

/** What becomes of the turns of the rules of an assembly on its way down: those that are taken back while it gets narrower. */
export function undoneTurns(
  site: Site,
  kind: AssemblyKind,
  assembly: Assembly,
  { stages, rules }: WayDown,
): Undone[] {
  const settled = stages.map((stage) => settledPieces(resolveAssembly(site, kind, assembly, stage)));
  const valueAt = (index: number, piece: Id, property: string) =>
    JSON.stringify(settled[index]!.find(({ id }) => id === piece)!.values[property]);
  const all = Object.values(assembly.bars).flatMap(({ rules: of = [] }) => of);
  return rules.flatMap(({ rule: id, below }): Undone[] => {
    const begins = stages.findIndex(({ begun }) => begun.at(-1) === id);
    if (below === null || begins < 1) return [];
    const { turns, when } = all.find((rule) => rule.id === id)!;
    // What is measured in the browser holds only where it is needed.
    if (when.by === 'browser') return [];
    return turns.flatMap(({ piece, property }): Undone[] => {
      const [before, turned] = [begins - 1, begins].map((index) => valueAt(index, piece, property));
      if (before === turned) return [];
      const index = stages.findIndex((_, each) => each > begins && valueAt(each, piece, property) === before);
      const stage = stages[index];
      if (!stage) return [];
      const by = stage.begun.at(-1)!;
      const band = site.bands.some((each) => each.id === by) ? by : null;
      return [{ rule: id, piece, property, band, below: Math.ceil(stage.below!) }];
    });
  });
}
