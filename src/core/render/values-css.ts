import { narrowerThan } from '../bands/band';
import { changedRules, joinRules, type Block, type CssNode, type Rules } from '../markup/css';
import { pieceKind } from '../pieces';
import { assemblyKinds, assemblyProperties } from '../properties/assembly';
import { barProperties } from '../properties/bar';
import { brandProperties } from '../properties/brand';
import type { Property } from '../properties/property';
import { resolveAssembly, settledPieces, type SettledAssembly } from '../resolve/assembly';
import { settledValues } from '../resolve/settled-values';
import type { Site } from '../site/site';
import { divisionRules } from './division';
import type { Names } from './names';

/** Rules with `&` in their selectors replaced. */
function scopeRules(rules: Rules, selector: string): Rules {
  return Object.fromEntries(
    Object.entries(rules).map(([each, declarations]) => [each.replaceAll('&', selector), declarations]),
  );
}

function propertyRules(properties: readonly Property[], values: Record<string, unknown>): Rules {
  return joinRules(...properties.map((each) => each.css?.(values[each.name]) ?? {}));
}

function assemblyRules(assembly: SettledAssembly, names: Names): Rules {
  const scoped = (id: string, ...rules: Rules[]) => scopeRules(joinRules(...rules), `.${names.get(id)!}`);
  return joinRules(
    scoped(assembly.id, propertyRules(assemblyProperties[assembly.kind], assembly.values)),
    ...assembly.bars.map((bar) =>
      scoped(bar.id, propertyRules(barProperties, bar.values), divisionRules(bar)),
    ),
    ...settledPieces(assembly).map((piece) =>
      scoped(piece.id, propertyRules(pieceKind(piece.kind).properties, piece.values)),
    ),
  );
}

/** Everything that the designer's values say in one band. */
function bandRules(site: Site, band: string, names: Names): Rules {
  const chain = site.bands.map((each) => each.id);
  const brand = scopeRules(
    propertyRules(brandProperties, settledValues(site.brand.values, brandProperties, chain, band)),
    ':root',
  );
  const assemblies = assemblyKinds.flatMap((kind) =>
    Object.values(site[kind]).map((assembly) =>
      assemblyRules(resolveAssembly(site, kind, assembly, band), names),
    ),
  );
  return joinRules(brand, ...assemblies);
}

/** In the widest band there is nothing that `revert-layer` could take back. */
function withoutIdle(rules: Rules): Rules {
  return Object.fromEntries(
    Object.entries(rules).map(([selector, declarations]) => [
      selector,
      Object.fromEntries(Object.entries(declarations).filter(([, value]) => value !== 'revert-layer')),
    ]),
  );
}

/** The designer's values as CSS: all of the widest band, then one media query for each narrower band with what changes there. */
export function valuesCss(site: Site, names: Names): CssNode[] {
  const perBand = site.bands.map((band) => bandRules(site, band.id, names));
  const narrower = site.bands.slice(1).map((_, index): Block => ({
    at: narrowerThan(site.bands[index]!.from),
    inside: [changedRules(perBand[index]!, perBand[index + 1]!)],
  }));
  return [withoutIdle(perBand[0]!), ...narrower];
}
