import { bandAt, bandChain } from '../bands/band';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import type { Place } from '../edit/place';
import type { Length } from '../lengths/formula';
import { itemLabel } from '../menus/entries';
import { widthsOf } from '../boxes/widths';
import { pieceKind } from '../pieces';
import { barProperties } from '../properties/bar';
import type { Giving } from '../properties/giving';
import type { Id } from '../ids/id';
import { divisionText, type Division } from '../properties/kinds/division';
import { resolveAssembly, type SettledBar } from '../resolve/assembly';
import { bandStage } from '../resolve/stage';
import { settledValue } from '../resolve/settled-values';
import { distance, lengthOf, towards } from '../resolve/turns';
import { USUAL_MARGIN } from '../site/collapse-rule';
import type { Assembly, Piece } from '../site/assembly';
import { barMeasures, bayBox } from './assembly-boxes';
import { breaks } from './fit-status';
import { menusOf, type BarPlace } from './forecasts';
import type { Circumstances } from './circumstances';
import { surveyFit, WHOLE_RULER } from './survey';
import { newTurn, says, turnChoices } from './turn-choices';

/** What could be changed, as far as it goes. */
export type Change =
  | { as: 'value'; piece: Id | null; label: string; from: Length; to: Length }
  | { as: 'turned'; piece: Id; label: string }
  | { as: 'hidden'; piece: Id }
  | { as: 'moved'; piece: Id; bar: Id }
  | { as: 'together'; share: number }
  | { as: 'divided'; from: Division; to: Division }
  | { as: 'collapsed'; piece: Id; says: string }
  | { as: 'shorter'; label: string; letters: number; language: string };

/** A change that gives a bar more room. */
export interface Suggestion {
  change: Change;
  /** What does it; null where it is for the designer to find words. */
  edits: readonly Edit[] | null;
  /** Down to which width the bar fits with it, in CSS px. */
  fitsFrom: number;
  /** By how many px earlier that is than without it. */
  gain: number;
  /** Whether it is enough by itself. */
  enough: boolean;
}

export interface Suggestions {
  /** Down to which width the bar fits as it is, in CSS px; infinite where it fits at none. */
  fitsFrom: number;
  /** The language that needs the most. */
  language: string;
  /** What is enough first, the least change first; then what gains most. */
  all: readonly Suggestion[];
}

/** Something to try, in steps from the least to the most of it. */
interface Attempt {
  steps: number;
  /** How much is changed by a step, in times of what is there: what is changed otherwise is more than any of that. */
  effort(step: number): number;
  change(step: number): Change;
  edits(step: number): Edit[];
  /** Whether what it changes is for the designer to do. */
  byHand?: boolean;
  /** Another bar that has to go on fitting. */
  alsoBar?: Id;
}

interface Looking {
  today: Circumstances;
  place: BarPlace;
  assembly: Assembly;
  /** The band in which the bar stops fitting first. */
  band: Id;
}

function lengthAttempt(
  from: Length,
  { least, step }: Giving,
  { piece, label, edit }: { piece: Id | null; label: string; edit(value: Length): Edit },
): Attempt[] {
  const steps = Math.floor(distance(from, least, -step) / step + 1e-9);
  if (steps < 1) return [];
  const value = (taken: number) => towards(from, least, -taken * step);
  return [
    {
      steps,
      effort: (taken) => taken / steps,
      change: (taken) => ({ as: 'value', piece, label, from, to: value(taken) }),
      edits: (taken) => [edit(value(taken))],
    },
  ];
}

const setting = (place: Place, property: string, cell: Id, value: unknown): Edit => ({
  edit: 'setValue',
  place,
  property,
  cell,
  value,
});

function pieceAttempts(
  { today: { site }, place, band }: Looking,
  piece: Piece,
): { inLengths: Attempt[]; others: Attempt[] } {
  const at: Place = { on: 'piece', in: place.kind, assembly: place.assembly, piece: piece.id };
  const { begun } = bandStage(site, band);
  const { properties, needed } = pieceKind(piece.kind);
  const inLengths = properties.flatMap(({ name, label, by, gives }) => {
    const from = gives && by === 'width' ? lengthOf(site, piece, name, begun) : null;
    return gives && from !== null
      ? lengthAttempt(from, gives, {
          piece: piece.id,
          label,
          edit: (value) => setting(at, name, band, value),
        })
      : [];
  });
  const whole = (effort: number, change: Change, edits: Edit[]): Attempt => ({
    steps: 1,
    effort: () => effort,
    change: () => change,
    edits: () => edits,
  });
  const turned = turnChoices(piece).flatMap(({ property, label, value, tried: asked }) =>
    asked?.as === 'value'
      ? [whole(asked.effort, { as: 'turned', piece: piece.id, label }, [setting(at, property, band, value)])]
      : [],
  );
  const hidden = whole(5, { as: 'hidden', piece: piece.id }, [setting(at, 'shown', band, 'hidden')]);
  // What everything else leads to is not hidden for room.
  return { inLengths, others: [...turned, ...(needed ? [] : [hidden])] };
}

/** Everything that has a length, together: each as far as the same share of what it can give. */
function togetherAttempt(attempts: readonly Attempt[]): Attempt[] {
  const SHARES = 20;
  const taken = ({ steps }: Attempt, share: number) => Math.round((steps * share) / SHARES);
  return attempts.length < 2
    ? []
    : [
        {
          steps: SHARES,
          effort: (share) => 1 + share / SHARES,
          change: (share) => ({ as: 'together', share: share / SHARES }),
          edits: (share) =>
            attempts.flatMap((each) => (taken(each, share) > 0 ? each.edits(taken(each, share)) : [])),
        },
      ];
}

/** To let a piece give way by a collapse rule, where the bar has none yet. */
function ruleAttempts({ today: { site }, place, assembly }: Looking, pieces: readonly Piece[]): Attempt[] {
  const at = { in: place.kind, assembly: place.assembly };
  if ((assembly.bars[place.bar]!.rules ?? []).length > 0) return [];
  return pieces.flatMap((piece) =>
    turnChoices(piece).flatMap((choice): Attempt[] => {
      const { id, tried: asked } = choice;
      if (asked?.as !== 'rule' || (asked.needs !== undefined && !says(piece, asked.needs))) return [];
      const rule = {
        id: `${piece.id}-${id}`.slice(-32),
        when: { by: 'fit' as const, margin: USUAL_MARGIN },
        turns: [newTurn(site, piece, choice)],
      };
      return [
        {
          steps: 1,
          effort: () => asked.effort,
          change: () => ({ as: 'collapsed', piece: piece.id, says: asked.says }),
          edits: () => [{ edit: 'setRule', at, bar: place.bar, rule }],
        },
      ];
    }),
  );
}

function barAttempts({ today: { site }, place, assembly, band }: Looking): Attempt[] {
  const bar = assembly.bars[place.bar]!;
  const at: Place = { on: 'bar', in: place.kind, assembly: place.assembly, bar: place.bar };
  return barProperties.flatMap((property) => {
    const { name, label, gives } = property;
    if (!gives) return [];
    const from = settledValue(bar.values, property, bandChain(site.bands), band).value as Length;
    return lengthAttempt(from, gives, {
      piece: null,
      label,
      edit: (value) => setting(at, name, band, value),
    });
  });
}

/** To divide the bar in another way: at its edges, or by shares that are as its bays need them. */
function divisionAttempts({ today, place, assembly, band }: Looking): Attempt[] {
  const { site } = today;
  const bar = assembly.bars[place.bar]!;
  const at: Place = { on: 'bar', in: place.kind, assembly: place.assembly, bar: place.bar };
  const property = barProperties.find(({ name }) => name === 'division')!;
  const from = settledValue(bar.values, property, bandChain(site.bands), band).value as Division;
  const shares = neededShares(today, place, band);
  const others: Division[] = [{ by: 'edges' }, ...(shares ? [{ by: 'shares' as const, shares }] : [])];
  return others
    .filter((to) => divisionText(to) !== divisionText(from))
    .map((to) => ({
      steps: 1,
      effort: () => 3.5,
      change: () => ({ as: 'divided', from, to }),
      edits: () => [setting(at, 'division', band, to)],
    }));
}

/** Shares that go with what the bays of a bar need at least where the band is widest, to a tenth; null where some bay needs nothing. */
function neededShares(today: Circumstances, { kind, assembly, bar }: BarPlace, band: Id): number[] | null {
  const { site } = today;
  const index = site.bands.findIndex(({ id }) => id === band);
  const width = (site.bands[index - 1]?.from ?? WHOLE_RULER.to) - 1;
  const settled = resolveAssembly(site, kind, site[kind][assembly]!, band);
  const own = settled.bars.find(({ id }) => id === bar)!;
  const within = { band, span: { from: width, to: width }, tally: { complete: true } };
  const measures = barMeasures(today, settled, within);
  // Shares are said in the order in which bays are listed, whichever way round they are seen.
  const listed = own.bays.toSorted((one, other) => one.nth - other.nth);
  // As they stand beside each other, however they do now.
  const beside: SettledBar = { ...own, values: { ...own.values, division: { by: 'edges' } } };
  const needs = listed.map((bay) => {
    const box = bayBox(beside, bay, today, within);
    return widthsOf(box, measures).least.values[0]!;
  });
  const least = Math.min(...needs);
  if (needs.length < 2 || !(least > 0)) return null;
  return needs.map((need) => Math.min(12, Math.ceil((10 * need) / least) / 10));
}

/** To let a piece stand in another bar, in the bay at the same place. */
function moveAttempts({ place, assembly }: Looking, pieces: readonly Piece[]): Attempt[] {
  const from = assembly.bars[place.bar]!;
  return assembly.order
    .filter((id) => id !== place.bar)
    .flatMap((bar) =>
      pieces.map((piece): Attempt => {
        const index = from.bays.findIndex((bay) => bay.pieces.includes(piece.id));
        const { bays } = assembly.bars[bar]!;
        const bay = index === from.bays.length - 1 ? bays.at(-1)! : bays[Math.min(index, bays.length - 1)]!;
        const spot = { bar, bay: bay.id, index: bay.pieces.length };
        const at = { in: place.kind, assembly: place.assembly };
        return {
          steps: 1,
          effort: () => 4,
          change: () => ({ as: 'moved', piece: piece.id, bar }),
          edits: () => [{ edit: 'movePiece', at, piece: piece.id, spot }],
          alsoBar: bar,
        };
      }),
    );
}

/** To find shorter words for the longest label of each menu, in the language that needs the most. */
function wordAttempts({ today: { site, language }, place }: Looking): Attempt[] {
  return menusOf(site, place).flatMap((menu): Attempt[] => {
    const labels = menu.top.map((id) => ({ id, label: itemLabel(site, menu.items[id]!, language) }));
    if (labels.length === 0) return [];
    const longest = labels.reduce((most, each) => (each.label.length > most.label.length ? each : most));
    const letters = [...longest.label];
    const first = language === site.languages[0];
    return [
      {
        steps: Math.max(0, letters.length - 3),
        effort: (step) => 3 + step / letters.length,
        change: (step) => ({ as: 'shorter', label: longest.label, letters: step, language }),
        edits: (step) => [
          {
            edit: 'labelItem',
            menu: menu.id,
            item: longest.id,
            label: letters
              .slice(0, letters.length - step)
              .join('')
              .trim(),
            ...(first ? {} : { language }),
          },
        ],
        byHand: true,
      },
    ];
  });
}

/** Down to which width some bars fit, in CSS px, and the language that needs the most; infinite where one of them fits at no width. */
function fitsFrom(today: Circumstances, { kind, assembly }: BarPlace, bars: readonly Id[]) {
  const found = today.site.languages.map((language) => {
    const survey = surveyFit({ ...today, language }, kind, today.site[kind][assembly]!, { only: bars });
    const bad = survey.bars.flatMap(({ stretches }) => stretches.filter(breaks).map(({ to }) => to));
    const at = Math.max(WHOLE_RULER.from, ...bad);
    return { language, at: at >= WHOLE_RULER.to ? Infinity : at };
  });
  return found.reduce((most, each) => (each.at > most.at ? each : most));
}

/** The least number of steps from 1 on with which something holds that holds from some step on; null where it does not with all of them. */
function leastStep(steps: number, holds: (step: number) => boolean): number | null {
  if (steps < 1 || !holds(steps)) return null;
  let [below, enough] = [0, steps];
  while (enough - below > 1) {
    const middle = Math.floor((below + enough) / 2);
    if (holds(middle)) enough = middle;
    else below = middle;
  }
  return enough;
}

function tried(
  { today, place }: Looking,
  attempt: Attempt,
  wanted: { now: number; down: number },
): { suggestion: Suggestion; effort: number } | null {
  const bars = attempt.alsoBar === undefined ? [place.bar] : [place.bar, attempt.alsoBar];
  const after = (step: number) => {
    const outcome = applyEdits(today.site, attempt.edits(step));
    return outcome.ok ? fitsFrom({ ...today, site: outcome.site }, place, bars).at : Infinity;
  };
  const least = leastStep(attempt.steps, (step) => after(step) <= wanted.down);
  const step = least ?? attempt.steps;
  const at = after(step);
  if (step < 1 || !(at < wanted.now)) return null;
  const suggestion: Suggestion = {
    change: attempt.change(step),
    edits: attempt.byHand ? null : attempt.edits(step),
    fitsFrom: at,
    gain: wanted.now - at,
    enough: least !== null,
  };
  return { suggestion, effort: attempt.effort(step) };
}

/**
 * What makes a bar fit down to a width of the viewport, in CSS px: each change by itself, as small as it may be, with what it gains. The
 * collapse rules of the bar stand as they are.
 */
export function suggestFit(today: Circumstances, place: BarPlace, down: number): Suggestions {
  const { site } = today;
  const assembly = site[place.kind][place.assembly]!;
  const now = fitsFrom(today, place, [place.bar]);
  if (now.at <= down) return { fitsFrom: now.at, language: now.language, all: [] };
  // Just below where it stops fitting it is in trouble.
  const band = bandAt(site.bands, Math.min(now.at, WHOLE_RULER.to) - 1).id;
  const looking: Looking = { today: { ...today, language: now.language }, place, assembly, band };
  const pieces = assembly.bars[place.bar]!.bays.flatMap((bay) =>
    bay.pieces.map((id) => assembly.pieces[id]!),
  );
  const ofPieces = pieces.map((piece) => pieceAttempts(looking, piece));
  const inLengths = [...barAttempts(looking), ...ofPieces.flatMap((each) => each.inLengths)];
  const attempts = [
    ...inLengths,
    ...togetherAttempt(inLengths),
    ...ofPieces.flatMap((each) => each.others),
    ...ruleAttempts(looking, pieces),
    ...divisionAttempts(looking),
    ...moveAttempts(looking, pieces),
    ...wordAttempts(looking),
  ];
  const all = attempts
    .flatMap((attempt) => tried(looking, attempt, { now: now.at, down }) ?? [])
    .sort(
      ({ suggestion: a, effort }, { suggestion: b, effort: other }) =>
        Number(b.enough) - Number(a.enough) || (a.enough ? effort - other : b.gain - a.gain),
    )
    .map(({ suggestion }) => suggestion);
  return { fitsFrom: now.at, language: now.language, all };
}
