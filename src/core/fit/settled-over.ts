import { ROOT_TEXT_PX } from '../lengths/length';
import type { Span } from '../lengths/piecewise';
import type { AssemblyKind } from '../properties/assembly-kind';
import type { SettledAssembly } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import type { Within } from './assembly-boxes';
import { inPhases } from './in-phases';
import type { Circumstances, Tally } from './circumstances';
import { foreseenWay } from './foreseen-way';
import { stagesDown } from './way-down';

/** An assembly as it is settled over a stretch of viewport widths. */
export interface SettledStretch {
  settled: SettledAssembly;
  /** It in each phase of scrolling in which it may look otherwise, the top first. */
  phases: readonly SettledAssembly[];
  within: Within;
}

/** An assembly over a span of viewport widths, stretch by stretch from the narrowest: within its bands, and as its collapse rules have begun, or are foreseen to begin in the visitor's browser. */
export function settledOver(
  circumstances: Circumstances,
  kind: AssemblyKind,
  assembly: Assembly,
  { span, tally }: { span: Span; tally: Tally },
): SettledStretch[] {
  const { site, root } = circumstances;
  const way = foreseenWay(circumstances, kind, assembly);
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
    .map(({ stage, from, to }) => {
      const phases = inPhases(site, kind, assembly, stage);
      return { settled: phases[0]!, phases, within: { band: stage.band, span: { from, to }, tally } };
    });
}
