import type { Id } from '../ids/id';
import { textLengthOver, type Length } from '../lengths/formula';
import { less, narrowest, type Piecewise, type Span } from '../lengths/piecewise';
import { drawerWidth } from '../properties/drawer';
import { resolveAssembly, type SettledAssembly, type SettledBar } from '../resolve/assembly';
import { brandInBands } from '../resolve/brand-in-bands';
import { seenWith } from '../site/placing';
import type { Site } from '../site/site';
import type { Circumstances } from './circumstances';

const atTheSide = ({ stands }: SettledAssembly['values']) => stands === 'side' || stands === 'spread';

/** How much of the viewport a header at the side takes from what stands beside it: from the footer. */
function takenBeside(site: Site, { kind, id }: SettledAssembly, band: Id): Length {
  if (kind !== 'footers') return 0;
  const header = site.headers[seenWith(site, id, 'header') ?? ''];
  if (!header) return 0;
  const { values } = resolveAssembly(site, 'headers', header, band);
  return atTheSide(values) ? (values.sideWidth as Length) : 0;
}

/** How wide an assembly is in a band, in CSS px over the viewport width. What is as wide as is said follows the reader's own text size, as the texts in it do. */
export function panelWidth(
  { site, root }: Pick<Circumstances, 'site' | 'root'>,
  assembly: SettledAssembly,
  band: Id,
  span: Span,
): Piecewise {
  const { kind, values } = assembly;
  if (atTheSide(values)) return textLengthOver(values.sideWidth as Length, span, root);
  const viewport = { at: [span.from, span.to], values: [span.from, span.to] };
  const beside = less(viewport, textLengthOver(takenBeside(site, assembly, band), span, root));
  const own = kind === 'drawers' ? drawerWidth(values) : null;
  return own === null ? beside : narrowest(textLengthOver(own, span, root), beside);
}

/** What is beside the bays of a bar, and the most that they take; null where nothing limits them. */
export interface Frame {
  gutter: Length;
  most: { rem: Length } | null;
}

/** The frame of a bar in a band. */
export function barFrame(site: Site, { values }: SettledAssembly, bar: SettledBar, band: Id): Frame {
  const brand = brandInBands(site).get(band)!;
  const usual = atTheSide(values) ? values.sideGutter : brand.gutter;
  return {
    gutter: (bar.values.gutter ?? usual) as Length,
    most: bar.values.contentWidth === 'full' ? null : { rem: brand.contentWidth as Length },
  };
}

/** The width of the line of a border as it is drawn, in whole px: a thinner one is one px (CSS Backgrounds 3, 3.3, "snap as a border width"). */
export function lineWidth(site: Site, border: Id | null): number {
  if (border === null) return 0;
  const { width } = site.brand.borders[border]!.value;
  return width > 0 && width < 1 ? 1 : Math.floor(width);
}
