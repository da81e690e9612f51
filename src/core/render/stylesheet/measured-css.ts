import { measuredLevels } from '../../fit/measured-rules';
import type { WayStage } from '../../fit/way-down';
import { AS_IT_COMES, changedRules, joinRules, renamedRules, type Rules } from '../../markup/css';
import { saysPhases, type Phase } from '../../properties/phases';
import { phasesOf, resolveAssembly, type SettledBar } from '../../resolve/assembly';
import type { Bar, Piece } from '../../site/assembly';
import type { Id } from '../../ids/id';
import type { Site } from '../../site/site';
import type { Names } from '../names';
import { laterPhases } from './later-phases';
import type { RulesByStage, SettledWay } from './rules-by-stage';

/** Writes the rules of a bar and of what stands in it as they are settled at a place. */
type BarRulesIn = (bar: SettledBar) => Rules;

/** What a bar says in a stage once levels of its rules have begun. */
type SaidIn = (level: number, stage: WayStage) => Rules;

/** The class that a selector begins with: that of a bar, or of a piece. */
const ownerOf = (selector: string): string => /^\.[\w-]+/.exec(selector)?.[0] ?? '';

/** Rules in the order of others that name the same selectors. */
const inOrderOf = (others: Rules, rules: Rules): Rules =>
  Object.fromEntries(
    Object.keys(others).flatMap((selector) => (rules[selector] ? [[selector, rules[selector]]] : [])),
  );

/** What else is said of the same things by more specific selectors: what a level says would win over it, whatever it says there. */
function saidAgain(is: Rules, said: Rules): Rules {
  const claimed = new Map<string, Set<string>>();
  for (const [selector, declarations] of Object.entries(said)) {
    const names = claimed.get(ownerOf(selector)) ?? new Set();
    for (const name of Object.keys(declarations)) names.add(name);
    claimed.set(ownerOf(selector), names);
  }
  const again: Rules = {};
  for (const [selector, declarations] of Object.entries(is)) {
    const names = claimed.get(ownerOf(selector));
    const own = Object.entries(declarations).filter(
      ([name, value]) =>
        names?.has(name) === true && value !== AS_IT_COMES && said[selector]?.[name] !== value,
    );
    if (own.length > 0) again[selector] = Object.fromEntries(own);
  }
  return again;
}

/**
 * What each level says other than what holds before it, under selectors of which none wins over another but by standing later: so a
 * level says again what it has wherever a level before it, or it itself in a wider stage, said something else.
 */
function saidByLevels(
  stages: readonly WayStage[],
  count: number,
  { before, after }: { before: SaidIn; after: SaidIn },
): RulesByStage[] {
  const written: RulesByStage[] = [];
  const said: (readonly Rules[])[] = [];
  for (let level = 1; level <= count; level += 1) {
    const own: Rules[] = [];
    const joined: Rules[] = [];
    for (const [index, stage] of stages.entries()) {
      const [is, others] = [after(level, stage), before(level, stage)];
      const heard = [...said.map((each) => each[index]!), joined.at(-1) ?? {}];
      const changed = joinRules(
        changedRules(others, is),
        ...heard.map((each) => changedRules(joinRules(others, each), is)),
      );
      const known = joinRules(joined.at(-1) ?? {}, changed);
      const again = saidAgain(is, known);
      own.push(inOrderOf(is, joinRules(changed, again)));
      joined.push(joinRules(known, again));
    }
    said.push(joined);
    written.push(own);
  }
  return written;
}

/** Whether something in a bar is said of a phase of scrolling. */
const saysAny = ({ values, bays }: Bar, pieces: Readonly<Record<Id, Piece>>): boolean =>
  saysPhases(values) || bays.some((bay) => bay.pieces.some((id) => saysPhases(pieces[id]!.values)));

/**
 * What the levels of rules that are measured in the visitor's browser say other than what holds before each, under what the script
 * puts on the bar; and in later phases of scrolling, under what is more specific, what these have other than the phase before.
 */
export function measuredRules(
  { site, names }: { site: Site; names: Names },
  { stages, settled }: Pick<SettledWay, 'stages' | 'settled'>,
  rulesIn: BarRulesIn,
): RulesByStage[] {
  const { id, kind } = settled[0]!;
  const assembly = site[kind][id]!;
  return assembly.order.flatMap((barId, index) => {
    const own = assembly.bars[barId]!;
    const levels = measuredLevels(site, assembly, own, stages);
    const bar = `.${names.get(barId)!}`;
    const begunTo =
      (phase: Phase): SaidIn =>
      (level, stage) => {
        const begun = [...stage.begun, ...levels.slice(0, level).map((each) => each.id)];
        return rulesIn(resolveAssembly(site, kind, assembly, { ...stage, begun, phase }).bars[index]!);
      };
    const under = (ofHeader: string, all: readonly RulesByStage[]) =>
      all.map((byStage, level) => {
        const short = `${bar}[data-short~='${levels[level]!.token}']`;
        return byStage.map((rules) =>
          renamedRules(rules, (selector) =>
            selector.startsWith(`${bar} `)
              ? `${ofHeader}${selector.replace(bar, short)}`
              : `${ofHeader}${short} ${selector}`,
          ),
        );
      });
    const top = begunTo('top');
    const said = phasesOf(kind, assembly).filter((phase) => phase !== 'top' && saysAny(own, assembly.pieces));
    return [
      ...under(
        '',
        saidByLevels(stages, levels.length, { before: (level, stage) => top(level - 1, stage), after: top }),
      ),
      ...laterPhases
        .filter(({ phase }) => said.includes(phase))
        .flatMap(({ phase, after, selector }) =>
          under(
            `.${names.get(id)!}${selector} `,
            saidByLevels(stages, levels.length, { before: begunTo(after), after: begunTo(phase) }),
          ),
        ),
    ];
  });
}
