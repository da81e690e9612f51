import { ROOT_TEXT_PX } from '../lengths/length';
import type { Span } from '../lengths/piecewise';
import type { AssemblyKind } from '../properties/assembly';
import { resolveAssembly, type SettledAssembly } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import type { Within } from './assembly-boxes';
import type { Circumstances, Tally } from './piece-content';
import { asForeseen } from './measured-rules';
import { stagesDown, wayDown } from './way-down';

/** An assembly as it is settled over a stretch of viewport widths. */
export interface SettledStretch {
  settled: SettledAssembly;
  within: Within;
}

/** An assembly over a span of viewport widths, stretch by stretch from the narrowest: within its bands, and as its collapse rules have begun, or are foreseen to begin in the visitor's browser. */
export function settledOver(
  { site, advances, root }: Circumstances,
  kind: AssemblyKind,
  own: Assembly,
  { span, tally }: { span: Span; tally: Tally },
): SettledStretch[] {
  const assembly = asForeseen(own);
  const way = wayDown(site, advances, kind, assembly);
  // Media queries are in em, so they follow the reader's own text size.
  const larger = root / ROOT_TEXT_PX;
  return stagesDown(way)
    .map(({ stage, from, to }) => ({
      stage,
      from: Math.max(from * larger, span.from),
      to: Math.min(to * larger, span.to),
    }))
    .filter(({ from, to }) => from < to)
    .reverse()
    .map(({ stage, from, to }) => ({
      settled: resolveAssembly(site, kind, assembly, stage),
      within: { band: stage.band, span: { from, to }, tally },
    }));
}
