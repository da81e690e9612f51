import { ruleText } from '../../fit/rule-words';
import { pieceKind } from '../../pieces';
import { assemblyProperties } from '../../properties/assembly';
import { assemblyKinds, assemblyNouns, type AssemblyKind } from '../../properties/assembly-kind';
import { barProperties } from '../../properties/bar';
import { bayProperties } from '../../properties/bay';
import { bayName, type Assembly, type Bar } from '../../site/assembly';
import type { RuleWhen } from '../../site/collapse-rule';
import type { Site } from '../../site/site';
import { pieceTitle } from '../../site/uses';
import { detail, orNothing, quoted, type Area, type Thing } from './thing';

/** When a rule begins, in words. */
function whenText(site: Site, when: RuleWhen): string {
  switch (when.by) {
    case 'fit':
      return `where the bar stops fitting, ${when.margin} px to spare`;
    case 'centre':
      return `where the middle is no longer centred, ${when.margin} px to spare`;
    case 'width':
      return `below ${when.below} px`;
    case 'band':
      return `with ${site.bands.find(({ id }) => id === when.band)?.name ?? 'a band'}`;
    case 'browser':
      return 'where it is measured in the browser';
  }
}

function barThings(site: Site, assembly: Assembly, bar: Bar, within: Omit<Thing, 'details'>): Thing[] {
  const path = `${within.path}.bars.${bar.id}`;
  const words = () => `${within.words()}, ${bar.name}`;
  const { area } = within;
  const bay = (index: number) => bayName(index, bar.bays.length);
  return [
    {
      path,
      area,
      words,
      details: () => [detail('Name', bar.name)],
      valued: { values: bar.values, properties: barProperties },
      order: {
        of: 'bays',
        ids: bar.bays.map(({ id }) => id),
        name: (id) => bay(bar.bays.findIndex((each) => each.id === id)),
      },
    },
    ...bar.bays.map((each, index) => ({
      path: `${path}.bays.${each.id}`,
      area,
      words: () => `${words()}, ${bay(index)}`,
      details: () => [],
      valued: { values: each.values, properties: bayProperties },
      order: {
        of: 'pieces',
        ids: each.pieces,
        name: (id: string) => pieceTitle(site, assembly.pieces[id]!),
      },
    })),
    ...(bar.rules ?? []).map((rule) => ({
      path: `${path}.rules.${rule.id}`,
      area,
      words: () => `${words()}, collapse rule`,
      details: () => [
        detail('Begins', rule.when, () => whenText(site, rule.when)),
        detail('Turns', rule.turns, () => ruleText(site, assembly, rule)),
      ],
    })),
  ];
}

const areaOf: Record<AssemblyKind, Area> = { headers: 'Headers', drawers: 'Drawers', footers: 'Footers' };

function thingsOfAssembly(site: Site, kind: AssemblyKind, assembly: Assembly): Thing[] {
  const path = `${kind}.${assembly.id}`;
  const area = areaOf[kind];
  const words = () => `${assemblyNouns[kind]} ${quoted(assembly.name)}`;
  const bays = new Map(
    Object.values(assembly.bars).flatMap((bar) =>
      bar.bays.flatMap(({ pieces }, index) =>
        pieces.map((piece) => [piece, `${bar.name}, ${bayName(index, bar.bays.length)}`] as const),
      ),
    ),
  );
  return [
    {
      path,
      area,
      words,
      details: () => [detail('Name', assembly.name)],
      valued: { values: assembly.values, properties: assemblyProperties[kind] },
      order: { of: 'bars', ids: assembly.order, name: (id) => assembly.bars[id]!.name },
    },
    ...Object.values(assembly.bars).flatMap((bar) => barThings(site, assembly, bar, { path, area, words })),
    ...Object.values(assembly.pieces).map((piece): Thing => {
      const at = bays.get(piece.id);
      return {
        path: `${path}.pieces.${piece.id}`,
        area,
        words: () => `${words()}, ${pieceTitle(site, piece)}`,
        details: () => [detail('Stands in', at, () => orNothing(at))],
        valued: { values: piece.values, properties: pieceKind(piece.kind).properties },
      };
    }),
  ];
}

/** Headers, drawers and footers, each with its bars, bays, rules and pieces. */
export const assemblyThings = (site: Site): Thing[] =>
  assemblyKinds.flatMap((kind) =>
    Object.values(site[kind]).flatMap((assembly) => thingsOfAssembly(site, kind, assembly)),
  );
