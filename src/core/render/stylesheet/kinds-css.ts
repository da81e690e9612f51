import { joinRules, mapped, stayingDeclarations, type CssNode, type Rules } from '../../markup/css';
import { pieceKind, pieceKinds } from '../../pieces';
import type { PieceKind, SettledPiece } from '../../pieces/piece';
import type { AssemblyKind } from '../../properties/assembly-kind';
import type { CssNames } from '../../properties/property';
import { settledPieces, type SettledAssembly } from '../../resolve/assembly';
import { inLanguage } from '../../resolve/in-language';
import type { Site } from '../../site/site';
import { sharedLayoutRules } from './layout-rules';
import { initialPieceRules } from './piece-rules';
import { scopeRules } from './rules-by-stage';
import { initialBarRules } from './values-css';

/** What bars and the kinds of pieces that stand in the site have where nothing was said. */
export function initialCss(kinds: readonly PieceKind[], css: CssNames): Rules {
  return joinRules(
    scopeRules(initialBarRules(css), '.bar'),
    ...kinds.map((kind) => scopeRules(initialPieceRules(css, kind), `.${kind.kind}`)),
  );
}

/** The kinds of pieces that stand in the site; only their rules are shipped. */
export function usedKinds(settled: readonly SettledAssembly[]): PieceKind[] {
  const used = new Set(
    settled
      .flatMap(settledPieces)
      .flatMap(({ kind, values }) => [kind, ...(pieceKind(kind).draws?.(values) ?? [])]),
  );
  return pieceKinds.filter((kind) => used.has(kind.kind));
}

/** A piece as it stands somewhere, in a language. */
export interface Stood {
  kind: string;
  values: SettledPiece['values'];
  stands: AssemblyKind;
}

/** All pieces as they stand at some width, in some language. */
export function everyStood({ languages }: Site, settled: readonly SettledAssembly[]): Stood[] {
  return settled.flatMap((assembly) =>
    settledPieces(assembly).flatMap((piece) =>
      [...new Set(languages.map((language) => inLanguage(piece, language).values))].map((values) => ({
        kind: piece.kind,
        values,
        stands: assembly.kind,
      })),
    ),
  );
}

/** What only some of the pieces need of the rules of their kinds, each once. */
export function someCss(kinds: readonly PieceKind[], stood: readonly Stood[]): CssNode[] {
  const needed = kinds.flatMap(({ kind, someCss: some = [] }) =>
    some
      .filter(({ when }) => stood.some((piece) => piece.kind === kind && when(piece.values, piece.stands)))
      .flatMap(({ css }) => css),
  );
  return [...new Set(needed)];
}

/** Where the boxes of pieces of a kind stand, without those that none of them has. */
function layoutsOf(kind: PieceKind, stood: readonly Stood[]): Rules {
  const { at, when } = kind.someLayouts ?? { at: [], when: () => true };
  const had = stood.some((piece) => piece.kind === kind.kind && when(piece.values));
  return sharedLayoutRules(kind, had ? [] : at);
}

/** What a kind says, under its own class where others say otherwise of the same selector: the list of a chooser is of several kinds. */
function apartFrom(others: Rules, kind: string, own: Rules): Rules {
  const apart: Rules = {};
  const alike = mapped(own, (declarations, selector) => {
    const before = others[selector] ?? {};
    const isOther = (name: string, value: string) => before[name] !== undefined && before[name] !== value;
    const other = stayingDeclarations(declarations, isOther);
    if (Object.keys(other).length > 0) apart[`.${kind} ${selector}`] = other;
    return stayingDeclarations(declarations, (name, value) => !isOther(name, value));
  });
  return joinRules(alike, apart);
}

/** What kinds of pieces look like where nothing was said, and where their boxes stand. */
export const kindsCss = (kinds: readonly PieceKind[], stood: readonly Stood[]): Rules =>
  kinds.reduce<Rules>((others, kind) => {
    const own = joinRules(layoutsOf(kind, stood), kind.css);
    return joinRules(others, apartFrom(others, kind.kind, own));
  }, {});

/** The type styles in which kinds of pieces are set unless they say otherwise, each once for all of its kinds. */
export function typeRules(kinds: readonly PieceKind[], css: CssNames): Rules {
  const styleOf = ({ properties }: PieceKind) =>
    properties.find((each) => each.name === 'typeStyle')?.initial as string | undefined;
  const styles = new Set(kinds.flatMap((kind) => styleOf(kind) ?? []));
  const selector = (style: string) =>
    kinds
      .filter((kind) => styleOf(kind) === style)
      .map(({ kind }) => `.${kind}`)
      .join(', ');
  return Object.fromEntries([...styles].map((style) => [selector(style), css.typeCss(style)]));
}
