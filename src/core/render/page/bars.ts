import { measuredLevels, settledMeasured } from '../../fit/measured-rules';
import { wayDown } from '../../fit/way-down';
import { el, type Element, type Node } from '../../markup/html';
import { pieceKind } from '../../pieces';
import type { PieceContext } from '../../pieces/piece';
import type { SettledBar } from '../../resolve/assembly';
import { inLanguage } from '../../resolve/in-language';
import type { PageState } from './page-state';
import { stageMedia, type PerStage } from './stages';

/** A bar settled for every stage, and where rules are measured in the browser, for each level of them. */
interface BarVersions {
  language: string;
  bands: readonly SettledBar[];
  /** The media query of each stage. */
  media: readonly (string | null)[];
  measured: readonly SettledBar[];
}

/** The bay of a place in the markup, wherever it is seen. */
const nthBay = ({ bays }: SettledBar, nth: number) => bays.find((bay) => bay.nth === nth)!;

function bayHtml(
  { language, bands, media, measured }: BarVersions,
  nth: number,
  context: PieceContext,
): Node {
  const pieces = nthBay(bands[0]!, nth).pieces.map((piece, index) => {
    // Of what rules turn, only the forms of a menu are a matter of the markup.
    const versions = [...bands, ...(piece.kind === 'menu' ? measured : [])].map((version, stage) => ({
      ...inLanguage(nthBay(version, nth).pieces[index]!, language),
      media: media[stage] ?? null,
    }));
    return pieceKind(piece.kind).html(inLanguage(piece, language), context, versions);
  });
  return pieces.length > 0 && el('div', { class: `bay bay-${nth}` }, ...pieces);
}

/** The bars of an assembly, each with its bays and what stands in them. */
export function barsHtml(
  { site, advances, language }: PageState,
  assembly: PerStage,
  context: PieceContext,
): Element[] {
  const { kind, id } = assembly[0]!;
  const own = site[kind][id]!;
  const { stages } = wayDown(site, advances, kind, own);
  return assembly[0]!.bars.map((bar, index) => {
    const levels = measuredLevels(site, own, own.bars[bar.id]!, stages);
    const measured = settledMeasured(site, kind, own, stages).map((each) => each.bars[index]!);
    const bands = assembly.map((stage) => stage.bars[index]!);
    const versions = { language, bands, media: stageMedia(stages), measured };
    const bays = bar.bays.map((_, bay) => bayHtml(versions, bay + 1, context)).filter(Boolean);
    return el(
      'div',
      {
        class: `bar ${context.className(bar.id)!}`,
        'data-measures': levels.length > 0 && levels.map(({ token }) => token).join(' '),
      },
      bays.length > 0 && el('div', { class: 'bays' }, ...bays),
    );
  });
}
