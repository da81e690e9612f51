import { EVERY_WIDTH, extremes, type Length } from '../lengths/formula';
import { logoArtwork, type LogoVersion } from '../brand/logo-versions';
import { assemblyKinds } from '../properties/assembly-kind';
import type { Id } from '../ids/id';
import type { Site } from '../site/site';
import { resolveAssembly, settledPieces } from './assembly';

/** The largest height in CSS px at which each piece of artwork is shown in any band; what is shown nowhere is left out. */
export function shownHeights(site: Site): Map<Id, number> {
  const heights = new Map<Id, number>();
  const pieces = site.bands.flatMap((band) =>
    assemblyKinds.flatMap((kind) =>
      Object.values(site[kind]).flatMap((assembly) =>
        settledPieces(resolveAssembly(site, kind, assembly, band.id)),
      ),
    ),
  );
  for (const { values } of pieces) {
    if (values.artworkHeight === undefined || values.shown === 'hidden') continue;
    const artwork =
      (values.artwork as Id | null) ?? logoArtwork(site.brand.logo, values.version as LogoVersion);
    if (artwork !== null)
      heights.set(
        artwork,
        Math.max(heights.get(artwork) ?? 0, extremes(values.artworkHeight as Length, EVERY_WIDTH).most),
      );
  }
  return heights;
}
