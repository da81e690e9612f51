import type { Id } from '../../ids/id';
import { bandEnd, coveredHeight, roomTaken, usually } from '../../fit/heights';
import type { WayStage } from '../../fit/way-down';
import { rem } from '../../lengths/length';
import { AS_IT_COMES, type Rules } from '../../markup/css';
import { phasesOf, resolveAssembly, type SettledAssembly } from '../../resolve/assembly';
import type { PlacesInput } from './hanging-css';
import { byStage, scopeRules, type RulesByStage } from './rules-by-stage';

/**
 * The room that a jump within the page leaves for what covers the top of the window: in any phase but the top, the most of them, until
 * the script has seen how high that really is.
 */
function jumpRules({ site, advances }: PlacesInput, id: Id, stage: WayStage): Rules {
  const header = site.headers[id]!;
  const later = phasesOf('headers', header).filter((phase) => phase !== 'top');
  const covered = (later.length > 0 ? later : (['scrolled'] as const)).map((phase) =>
    coveredHeight(
      usually(site, advances),
      resolveAssembly(site, 'headers', header, { ...stage, phase }),
      stage.band,
      stage.below ?? bandEnd(site, stage.band),
    ),
  );
  const most = Math.max(...covered);
  return {
    ':root:has(> body > &)': {
      'scroll-padding-block-start': most === 0 ? '0' : `var(--covered, ${rem(most)})`,
    },
  };
}

/** The room that jumps and the focus leave for a footer that is pinned to the window: as high as it is where the stage is narrowest. */
function pinnedRules(
  { site, advances }: PlacesInput,
  settled: SettledAssembly,
  reaching: { band: Id; from: number },
): Rules {
  const pinned = settled.values.stands === 'pinned';
  const room = pinned ? rem(roomTaken(site, advances, settled, reaching)) : AS_IT_COMES;
  return { ':root:has(> body > &)': { 'scroll-padding-block-end': room } };
}

/**
 * The room that jumps leave, stage by stage: for a header above, for a pinned footer below. It is of texts as they are measured, so it is
 * worked out anew whatever was written of the assembly before.
 */
export function jumpsOf(
  input: PlacesInput,
  settled: readonly SettledAssembly[],
  stages: readonly WayStage[],
): RulesByStage[] {
  const { id, kind, phased } = settled[0]!;
  const own = `.${input.names.get(id)!}`;
  if (kind === 'footers' && settled.some(({ values }) => values.stands === 'pinned'))
    return [
      byStage(
        stages.map(({ band }, index) => {
          const from = stages[index + 1]?.below ?? 0;
          return scopeRules(pinnedRules(input, settled[index]!, { band, from }), own);
        }),
      ),
    ];
  if (!phased) return [];
  return [byStage(stages.map((stage) => scopeRules(jumpRules(input, id, stage), own)))];
}
