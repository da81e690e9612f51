import { bandRange, NARROWEST } from '../../bands/band';
import type { Id } from '../../ids/id';
import { usually } from '../../fit/heights';
import { inPhases } from '../../fit/in-phases';
import { crowded, LEAST_TARGET, targetGroups, type PlacedTarget } from '../../fit/targets';
import { stageAt, wayDown } from '../../fit/way-down';
import { sameItems } from '../../ids/same-items';
import { tenthsText } from '../../lengths/length';
import type { Phase } from '../../properties/phases';
import { TARGET } from '../../properties/target';
import { resolveAssembly } from '../../resolve/assembly';
import { found, ofAssemblies, type Check, type CheckedAssembly } from '../check';
import type { Found } from '../finding';
import { pieceAt } from '../standing';

/** Below this width of the viewport in CSS px, screens are touched more often than not. */
const TOUCHED = 1024;

/** A target at a width of a band, in a phase. */
interface Seen {
  target: PlacedTarget;
  crowded: boolean;
  band: Id;
  width: number;
  phase: Phase;
}

const least = ({ width, height }: PlacedTarget) => Math.min(width, height);
const px = (length: number) => `${tenthsText(length)} px`;

/** All targets of an assembly where each band is narrowest, in every phase. */
function everyTarget({ site, advances, at, assembly }: CheckedAssembly): Seen[] {
  const way = wayDown(site, advances, at.in, assembly);
  const today = usually(site, advances);
  return site.bands.flatMap(({ id: band }) => {
    const width = Math.max(NARROWEST, bandRange(site.bands, band).from);
    const stage = stageAt(way, width);
    const inAll =
      at.in === 'headers'
        ? inPhases(site, at.in, assembly, stage)
        : [resolveAssembly(site, at.in, assembly, stage)];
    // In phases of which nothing is said, all bars are the very same.
    const phases = inAll.filter(({ bars }, index) => index === 0 || !sameItems(bars, inAll[index - 1]!.bars));
    return phases.flatMap((settled) =>
      targetGroups(today, settled, band, width).flatMap((group) => {
        const close = new Set(crowded(group));
        return group.map((target) => ({
          target,
          crowded: close.has(target),
          band,
          width,
          phase: settled.phase,
        }));
      }),
    );
  });
}

/** The smallest of what stands under the same selector of the same piece. */
function smallest(seen: readonly Seen[]): Seen[] {
  const worst = new Map<string, Seen>();
  for (const each of seen) {
    const key = `${each.target.piece} ${each.target.at}`;
    const kept = worst.get(key);
    if (!kept || least(each.target) <= least(kept.target)) worst.set(key, each);
  }
  return [...worst.values()];
}

function told(
  { site, at }: CheckedAssembly,
  { target, band, width, phase }: Seen,
  about: Pick<Found, 'words' | 'limit' | 'harm' | 'apart'>,
): Found {
  const { piece, item } = target;
  return found({
    lead: { to: 'place', place: { on: 'piece', ...at, piece } },
    at: pieceAt(site, at, piece),
    seen: { band, width, phase },
    measure: `${px(target.width)} × ${px(target.height)}`,
    ...about,
    apart: `${about.apart} ${target.at}${item === null ? '' : ' item'}`,
  });
}

const alsoIn = (others: number) =>
  others === 0 ? '' : ` So it is in ${others} more ${others === 1 ? 'piece' : 'pieces'}.`;

/** What is followed or pressed is large enough, or far enough from the next: for a pointer everywhere, and for a finger where screens are touched. */
export const targets: Check = {
  id: 'targets',
  label: 'Sizes of what is pressed',
  from: 'WCAG 2.2, 2.5.8 Target Size (Minimum), 2.5.5 Target Size (Enhanced)',
  harm: 'use',
  find: ofAssemblies(['headers', 'drawers', 'footers'], (checked) => {
    const all = everyTarget(checked);
    const close = smallest(all.filter((each) => each.crowded));
    const small = smallest(
      all.filter(({ target, width }) => width < TOUCHED && least(target) < TARGET - 0.5),
    ).filter(({ target }) => !close.some((each) => each.target.piece === target.piece));
    return [
      ...close.map((seen) =>
        told(checked, seen, {
          words: `At ${seen.width} px something in it is ${px(seen.target.width)} wide and ${px(seen.target.height)} high, and less than ${LEAST_TARGET} px from the middle of the next: one meets the wrong one.`,
          limit: `${LEAST_TARGET} px`,
          apart: 'close',
        }),
      ),
      ...small
        .toSorted((one, other) => least(one.target) - least(other.target))
        .slice(0, 1)
        .map((seen) =>
          told(checked, seen, {
            words: `At ${seen.width} px something in it is ${px(seen.target.width)} wide and ${px(seen.target.height)} high: a finger needs ${TARGET} px.${alsoIn(new Set(small.map(({ target }) => target.piece)).size - 1)}`,
            limit: `${TARGET} px`,
            harm: 'untidy',
            apart: 'small',
          }),
        ),
    ];
  }),
};
