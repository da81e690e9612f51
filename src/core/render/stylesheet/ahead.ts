import { narrowerThan } from '../../bands/band';
import { wayDown, type WayStage } from '../../fit/way-down';
import type { Id } from '../../ids/id';
import { AS_IT_COMES, changedRules, HOVERING, type Rules } from '../../markup/css';
import { isWrittenBlock, type Stylesheet, type Written, type WrittenRule } from '../../markup/stylesheet';
import { resolveAssembly, settledPieces, type SettledAssembly } from '../../resolve/assembly';
import type { Assembly } from '../../site/assembly';
import { revalued, type Revalued } from '../../site/other-values';
import type { Site } from '../../site/site';
import type { Advances } from '../../text/advances';
import { settleNames } from '../names';
import { cssNames } from './css-names';
import { layerAt } from './stylesheet';
import { saidOfBar, saidOfPiece, type SaidInput } from './values-css';

/** What is said of something at each stage, before and after. */
interface Said {
  before: readonly Rules[];
  after: readonly Rules[];
}

/** A declaration as it is at each stage. */
interface Course {
  selector: string;
  property: string;
  values: readonly string[];
}

/** The declarations that are other at some stage; null where some are no longer there, or were not. */
function changedCourses({ before, after }: Said): Course[] | null {
  const changed = new Map<string, Set<string>>();
  for (const [index, rules] of after.entries())
    for (const [from, to] of [
      [before[index]!, rules],
      [rules, before[index]!],
    ] as const)
      for (const [selector, declarations] of Object.entries(changedRules(from, to)))
        changed.set(selector, new Set([...(changed.get(selector) ?? []), ...Object.keys(declarations)]));
  const all = [...changed].flatMap(([selector, properties]) =>
    [...properties].map((property) => ({ selector, property })),
  );
  if (all.some(({ selector, property }) => after.some((rules) => rules[selector]?.[property] === undefined)))
    return null;
  return all.map(({ selector, property }) => ({
    selector,
    property,
    values: after.map((rules) => rules[selector]![property]!),
  }));
}

/** A rule among others: the how many-th in each block, from the outside in. */
type Way = readonly number[];

const isBlockAt = (each: Written, at: string) => isWrittenBlock(each) && each.at === at;

/** The way to the rule of a selector, also in blocks that ask for a pointer; null where there is none. */
function wayTo(inside: Stylesheet, selector: string): Way | null {
  for (const [index, each] of inside.entries()) {
    if (typeof each === 'string') continue;
    if (!isWrittenBlock(each)) {
      if (each.selectors.includes(selector)) return [index];
    } else if (each.at === HOVERING) {
      const further = wayTo(each.inside, selector);
      if (further) return [index, ...further];
    }
  }
  return null;
}

/** The same to the rule that holds below a width, in CSS px; null stands for all of them. */
function wayBelow(values: Stylesheet, below: number | null, selector: string): Way | null {
  if (below === null) return wayTo(values, selector);
  const at = narrowerThan(below);
  const index = values.findIndex((each) => isBlockAt(each, at));
  const block = values[index];
  const further = block && isWrittenBlock(block) ? wayTo(block.inside, selector) : null;
  return further && [index, ...further];
}

/** The rule at the end of a way. */
function ruleAt(inside: Stylesheet, [index, ...further]: Way): WrittenRule | null {
  const each = inside[index!];
  if (each === undefined || typeof each === 'string') return null;
  return isWrittenBlock(each) ? ruleAt(each.inside, further) : each;
}

/** Rules of which the one at the end of a way says something else of a property. */
function saying(inside: Stylesheet, way: Way, property: string, value: string): Stylesheet {
  const [index, ...further] = way as [number, ...number[]];
  const each = inside[index]!;
  if (typeof each === 'string') return inside;
  const other = isWrittenBlock(each)
    ? { ...each, inside: saying(each.inside, further, property, value) }
    : { ...each, declarations: { ...each.declarations, [property]: value } };
  return inside.with(index, other);
}

/** Values that are written with a declaration where it is written already; null where it would have to be written elsewhere too. */
function withCourse(
  values: Stylesheet,
  stages: readonly WayStage[],
  { selector, property, values: course }: Course,
): Stylesheet | null {
  let made = values;
  let before = AS_IT_COMES;
  for (const [index, { below }] of stages.entries()) {
    // Of two stages that begin together the second one is written.
    if (stages[index + 1]?.below === below) continue;
    const value = course[index]!;
    const way = wayBelow(made, below, selector);
    const rule = way && ruleAt(made, way);
    if (rule && Object.hasOwn(rule.declarations, property)) {
      // What is written once for several would be other for all of them.
      if (rule.selectors.length > 1) return null;
      made = saying(made, way, property, value);
    } else if (value !== before) return null;
    before = value;
  }
  return made;
}

/** What is said of each bar and piece that has other values, at each stage; null where more than declarations may be other. */
function saidOf(
  input: (site: Site) => SaidInput,
  [before, after]: readonly [Site, Site],
  { kind, was, is, bars, pieces }: Revalued,
  stages: readonly WayStage[],
): Said[] | null {
  const settled = (site: Site, assembly: Assembly) =>
    stages.map((stage) => resolveAssembly(site, kind, assembly, stage));
  const all = [settled(before, was), settled(after, is)] as const;
  const inputs = [input(before), input(after)] as const;
  const barsSaid = bars.map((id) =>
    all.map((ways, nth) =>
      ways.map((each) =>
        saidOfBar(
          inputs[nth]!,
          each.bars.find((bar) => bar.id === id)!,
        ),
      ),
    ),
  );
  const piecesOf = (ways: readonly SettledAssembly[], id: Id) =>
    ways.map((each) => settledPieces(each).find((piece) => piece.id === id)!);
  const held = pieces.map((id) => all.map((ways) => piecesOf(ways, id)));
  const shape = (of: (typeof held)[number][number]) =>
    of.map(({ variant, values }) => `${values.shown} ${variant}`).join();
  if (held.some(([old, now]) => shape(old!) !== shape(now!))) return null;
  const piecesSaid = held.map((both) =>
    both.map((ways, nth) => ways.map((piece) => saidOfPiece(inputs[nth]!, ways, piece))),
  );
  return [...barsSaid, ...piecesSaid].map(([old, now]) => ({ before: old!, after: now! }));
}

/** A site before an edit and after it, and the one that a stylesheet or a page was last made of as a whole: its stages stay until the edit is worked out. */
export interface Steps {
  made: Site;
  before: Site;
  after: Site;
}

/**
 * The stylesheet of a site after bars or pieces got other values, made of the one before: what these values say is other in it at once, while
 * what has to be worked out from them (heights, sides, where rules begin) stays as it was until that is done. Null where the stylesheet
 * has to be written anew: anything else has changed, or something has to be said where nothing stood.
 */
export function stylesheetAhead(
  stylesheet: Stylesheet,
  { made, before, after }: Steps,
  advances: Advances,
): Stylesheet | null {
  const changed = revalued(before, after);
  if (changed === null || changed.length === 0) return null;
  const names = settleNames(made);
  const input = (site: Site): SaidInput => ({ site, names, css: cssNames(site).css });
  const layer = stylesheet.findLastIndex((each) => isBlockAt(each, layerAt('values')));
  const block = stylesheet[layer];
  if (!block || !isWrittenBlock(block)) return null;
  let inside: Stylesheet | null = block.inside;
  for (const each of changed) {
    const own = made[each.kind][each.was.id];
    // It may have come since.
    if (!own) return null;
    const { stages } = wayDown(made, advances, each.kind, own);
    const courses = saidOf(input, [before, after], each, stages)?.map(changedCourses) ?? [null];
    for (const course of courses.flatMap((some) => some ?? [null]))
      inside = inside && course && withCourse(inside, stages, course);
  }
  if (inside === null || inside === block.inside) return null;
  return stylesheet.with(layer, { ...block, inside });
}
