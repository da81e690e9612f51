import * as v from 'valibot';
import { pieceKind } from '../pieces';
import type { Assembly } from './assembly';
import type { CollapseRule, Turn } from './collapse-rule';
import type { Problem } from './problem';
import type { Site } from './site';

/** Why a piece of a bar cannot turn to what a rule says; null when it can. */
function turnReason(
  { pieces }: Assembly,
  held: readonly string[],
  { piece, property, value, step }: Turn,
): string | null {
  if (!held.includes(piece)) return `turns ${piece}, which does not stand in the bar`;
  const { label, properties } = pieceKind(pieces[piece]!.kind);
  const found = properties.find(({ name }) => name === property);
  if (found?.by !== 'width' || found.kind.references)
    return `turns “${property}”, which ${label} has not, or not by width`;
  if (step !== undefined && typeof value !== 'number')
    return `turns “${property}” step by step to what is not a number`;
  const { editor } = found.kind;
  if (step !== undefined && !Number.isInteger(step) && editor.as === 'number' && editor.whole)
    return `turns “${property}” by parts of what there are no parts of`;
  const parsed = v.safeParse(found.kind.schema, value);
  return parsed.success ? null : `turns “${property}” to what it cannot be: ${parsed.issues[0].message}`;
}

/** What the schemas cannot say of the collapse rules of an assembly: whether they name what is there. */
export function ruleProblems({ bands }: Pick<Site, 'bands'>, assembly: Assembly, path: string): Problem[] {
  const seen = new Set<string>(bands.map(({ id }) => id));
  return Object.values(assembly.bars).flatMap((bar) => {
    const held = bar.bays.flatMap(({ pieces }) => pieces);
    return (bar.rules ?? []).flatMap((rule: CollapseRule): Problem[] => {
      const at = `${path}.bars.${bar.id}.rules.${rule.id}`;
      const twice = seen.has(rule.id);
      seen.add(rule.id);
      const { when } = rule;
      return [
        ...(twice ? [{ path: at, reason: 'has an id that another rule or a band has' }] : []),
        ...(when.by === 'band' && !bands.slice(1).some(({ id }) => id === when.band)
          ? [{ path: `${at}.when`, reason: 'begins with a band that is not there, or with the widest' }]
          : []),
        ...rule.turns.flatMap((turn, index) => {
          const leaves = when.by === 'browser' && turn.property === 'shown' && turn.value === 'drawer';
          const reason = leaves
            ? 'lets a piece leave for the drawer, which a rule that is measured in the browser cannot'
            : turnReason(assembly, held, turn);
          return reason === null ? [] : [{ path: `${at}.turns.${index}`, reason }];
        }),
      ];
    });
  });
}
