import type { Band } from '@/core/bands/band';
import type { Edit } from '@/core/edit';
import { inOrderOfEffect, stagesDown, type WayDown, type WayStage } from '@/core/fit/way-down';
import { pieceKind } from '@/core/pieces';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Property } from '@/core/properties/property';
import { resolveAssembly, settledPieces } from '@/core/resolve/assembly';
import { settledValue } from '@/core/resolve/settled-values';
import { turnedValues } from '@/core/resolve/turns';
import type { Assembly, Piece } from '@/core/site/assembly';
import type { CollapseRule } from '@/core/site/collapse-rule';
import type { Site } from '@/core/site/site';

/** An interval of viewport widths, in CSS px and both included, in which the same band and collapse rules hold; without an end for the widest. */
export interface SeenStage {
  from: number;
  to: number | null;
  band: Band;
  stage: WayStage;
}

/** The stages of an assembly's way, widest first; those that no whole width is left for are none. */
function stagesOf(site: Site, way: WayDown): SeenStage[] {
  return stagesDown(way)
    .map(({ stage, from, to }) => ({
      from: Math.ceil(from),
      to: to === Infinity ? null : Math.ceil(to) - 1,
      band: site.bands.find(({ id }) => id === stage.band)!,
      stage,
    }))
    .filter(({ from, to }) => to === null || from <= to);
}

/** A stage in words, such as `1024–1113`. */
export function stageRange({ from, to }: SeenStage): string {
  if (to === null) return from === 0 ? 'every width' : `≥ ${from}`;
  return from === 0 ? `< ${to + 1}` : `${from}–${to}`;
}

/** A collapse rule with the bar that it is one of, and its place among the bar’s rules in the order in which they take effect, from 1. */
interface RuleAt {
  bar: string;
  rule: CollapseRule;
  number: number;
}

function ruleOf({ bars }: Assembly, { rules: outcomes }: WayDown, begun: string): RuleAt | null {
  const [id] = begun.split('.');
  for (const bar of Object.values(bars)) {
    const rules = inOrderOfEffect(bar.rules ?? [], outcomes);
    const index = rules.findIndex((rule) => rule.id === id);
    if (index >= 0) return { bar: bar.id, rule: rules[index]!, number: index + 1 };
  }
  return null;
}

/** What a piece shows in a stage. */
export interface Showing {
  text: string;
  /** Whether it begins to show so in this stage: set here, or other than in the stage before it. */
  own: boolean;
  /** The collapse rule that makes it so; null where none does. */
  rule: RuleAt | null;
}

const named = (piece: Piece, name: string): Property =>
  pieceKind(piece.kind).properties.find((property) => property.name === name)!;

/** The properties that say whether a piece shows, and in which form. */
function showingProperties(piece: Piece): Property[] {
  const { form } = pieceKind(piece.kind);
  return [named(piece, 'shown'), ...(form === undefined ? [] : [named(piece, form)])];
}

/** What begun last of all that says how a piece shows in a stage: a band or a rule. */
function saidBy(
  site: Site,
  assembly: Assembly,
  piece: Piece,
  { stage: { begun } }: SeenStage,
): string | null {
  const values = turnedValues(site, assembly, piece, begun);
  const from = showingProperties(piece).map(
    (property) => settledValue(values, property, begun, begun.at(-1)!).from,
  );
  return begun.findLast((id) => from.includes(id)) ?? null;
}

/** What each piece shows in a stage, in a few words, by the piece’s id. */
function textsIn(
  site: Site,
  kind: AssemblyKind,
  assembly: Assembly,
  { stage }: SeenStage,
): Map<string, string> {
  const settled = settledPieces(resolveAssembly(site, kind, assembly, stage));
  return new Map(
    settled.map((piece) => {
      const { shown } = piece.values;
      const instead = shown === 'drawer' ? 'in the drawer' : 'hidden';
      return [piece.id, shown === 'shown' ? pieceKind(piece.kind).summary(piece.values) : instead];
    }),
  );
}

/** A stage with what every piece shows in it, by the piece’s id. */
export interface ShownStage extends SeenStage {
  shows: ReadonlyMap<string, Showing>;
}

/** The stages of an assembly with what shows in them; those of one band in which everything shows alike are one. */
export function shownStages(site: Site, kind: AssemblyKind, assembly: Assembly, way: WayDown): ShownStage[] {
  const stages: ShownStage[] = [];
  for (const stage of stagesOf(site, way)) {
    const before = stages.at(-1);
    const texts = textsIn(site, kind, assembly, stage);
    const alike = (id: string, text: string) => before?.shows.get(id)?.text === text;
    if (before?.band === stage.band && [...texts].every(([id, text]) => alike(id, text))) {
      stages[stages.length - 1] = { ...before, from: stage.from };
      continue;
    }
    const begun = stage.stage.begun.filter((id) => !before?.stage.begun.includes(id));
    const shows = [...texts].map(([id, text]): [string, Showing] => {
      const by = saidBy(site, assembly, assembly.pieces[id]!, stage);
      const own = !alike(id, text) || (by !== null && begun.includes(by));
      return [id, { text, own, rule: by === null ? null : ruleOf(assembly, way, by) }];
    });
    stages.push({ ...stage, shows: new Map(shows) });
  }
  return stages;
}

/** Something that a piece can show in a stage: a property with its value. */
export interface FormChoice {
  property: string;
  value: string;
  label: string;
}

/** In what forms a piece can show: those of its kind, hidden, and for a piece of a header in the drawer. */
export function formChoices(kind: AssemblyKind, piece: Piece): FormChoice[] {
  const [shown, form] = showingProperties(piece).map((property) => {
    const { editor } = property.kind;
    const options = editor.as === 'choice' ? editor.options : [];
    return options.map(({ value, label }) => ({ property: property.name, value, label }));
  });
  const shows = shown!.filter(({ value }) => value === 'shown');
  const not = shown!.filter(({ value }) => value === 'hidden' || (value === 'drawer' && kind === 'headers'));
  return [...(form ?? shows), ...not];
}

/** The edits of the site as it is now after which a piece shows in a form in a stage and below: of the rule that says how it shows there, else of the band. */
export function choosingForm(
  now: Site,
  at: { in: AssemblyKind; assembly: string },
  piece: Piece,
  { band }: SeenStage,
  rule: RuleAt | null,
  { property, value }: FormChoice,
): Edit[] {
  // What has a form shows.
  const values =
    property === 'shown'
      ? [{ property, value }]
      : [
          { property: 'shown', value: 'shown' },
          { property, value },
        ];
  const newest =
    rule && now[at.in][at.assembly]?.bars[rule.bar]?.rules?.find(({ id }) => id === rule.rule.id);
  if (!rule || !newest)
    return values.map((each) => ({
      edit: 'setValue',
      place: { on: 'piece', ...at, piece: piece.id },
      cell: band.id,
      ...each,
    }));
  const names = showingProperties(piece).map(({ name }) => name);
  const others = newest.turns.filter((turn) => turn.piece !== piece.id || !names.includes(turn.property));
  const turns = [...others, ...values.map((each) => ({ piece: piece.id, ...each }))];
  return [{ edit: 'setRule', at, bar: rule.bar, rule: { ...newest, turns } }];
}
