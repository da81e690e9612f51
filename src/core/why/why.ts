import { bandRange } from '../bands/band';
import { findPlace, type AssemblyPlace } from '../edit/place';
import { foreseenWay } from '../fit/foreseen-way';
import { usually } from '../fit/heights';
import { valueText } from '../menus/value-text';
import { cellParts } from '../properties/phases';
import type { Assembly } from '../site/assembly';
import type { Turn } from '../site/collapse-rule';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import type { CellAt, Reason } from './reason';
import { stepOf, type Question, type Step } from './links';

/** What a turn makes of a value, in words. */
function turnedTo({ site, of }: Question, { value, step }: Turn): string {
  const text = valueText(site, of, value);
  return step === undefined ? text : `step by step ${step < 0 ? 'down' : 'up'} to ${text}`;
}

/** What rules of its assembly make of a value of a piece somewhere in a band, or at a width of the viewport, the last that begins first. */
function turns(question: Question, advances: Advances, width: number | null): Reason[] {
  const { site, of, place, property, cell } = question;
  const assembly = place.on === 'piece' ? site[place.in][place.assembly] : undefined;
  if (place.on !== 'piece' || !assembly) return [];
  const at = { in: place.in, assembly: place.assembly };
  const from = of.by === 'width' ? bandRange(site.bands, cellParts(cell).band).from : 0;
  const holds = (below: number) => (width === null ? below > from : width < below);
  return begunRules(site, advances, place, assembly, holds).flatMap(({ bar, rule, nth, below }) =>
    rule.turns
      .filter((turn) => turn.piece === place.piece && turn.property === property)
      .map((turn): Reason => ({
        words: `Collapse rule ${nth} of “${assembly.bars[bar]!.name}” turns it below ${below} px`,
        value: turnedTo(question, turn),
        lead: { to: 'rules', at, bar },
      })),
  );
}

/** The rules of an assembly that begin where it is asked for, the last that begins first, with their place in their bar. */
export function begunRules(
  site: Site,
  advances: Advances,
  place: Pick<AssemblyPlace, 'in'>,
  assembly: Assembly,
  holds: (below: number) => boolean,
) {
  return foreseenWay(usually(site, advances), place.in, assembly)
    .rules.flatMap(({ bar, rule: id, below }) => {
      const rules = assembly.bars[bar]!.rules ?? [];
      const at = rules.findIndex((each) => each.id === id);
      return at >= 0 && below !== null && holds(below) ? [{ bar, rule: rules[at]!, nth: at + 1, below }] : [];
    })
    .sort((one, other) => one.below - other.below);
}

/** A cell with what stands there; null where it is gone. */
function questionOf(site: Site, asked: CellAt): Question | null {
  const found = findPlace(site, asked.place);
  if (typeof found === 'string') return null;
  const of = found.properties.find(({ name }) => name === asked.property);
  return of ? { site, ...asked, values: found.holder.values, of } : null;
}

/**
 * The chain of what made the value in a cell, from what holds there back to where it was said: collapse rules that turn it, at a
 * width of the viewport in CSS px where one is given and else anywhere in the band; the cells that it follows; the type style, bar or
 * part that it is left to; and what the value points at. Empty where the cell is gone.
 */
export function whyOf(site: Site, advances: Advances, asked: CellAt, width: number | null = null): Reason[] {
  const first = questionOf(site, asked);
  if (!first) return [];
  const reasons = turns(first, advances, width);
  const seen = new Set<string>();
  for (let question: Question | null = first; question;) {
    const key = JSON.stringify([question.place, question.property, question.cell]);
    if (seen.has(key)) break;
    seen.add(key);
    const { reasons: more, next }: Step = stepOf(question);
    reasons.push(...more);
    question = next && questionOf(site, next);
  }
  return reasons;
}
