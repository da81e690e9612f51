import type { Span } from '../lengths/piecewise';
import { barRoom, type BarRoom } from './bar-fit';
import type { BarPlace } from './forecasts';
import type { Circumstances, Tally } from './circumstances';
import { settledOver } from './settled-over';

/** The room of a bar at every width of a span, from the narrowest: what it needs and has, in each stretch between bands and rules. */
export function surveyRoom(
  circumstances: Circumstances,
  { kind, assembly, bar }: BarPlace,
  span: Span,
): BarRoom[] {
  const tally: Tally = { complete: true };
  return settledOver(circumstances, kind, circumstances.site[kind][assembly]!, { span, tally }).flatMap(
    ({ settled, within }) => {
      const room = barRoom(circumstances, settled, bar, within);
      return room === null ? [] : [room];
    },
  );
}
