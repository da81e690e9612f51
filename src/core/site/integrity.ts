import { EVERYWHERE } from '../bands/follow';
import { pieceKind } from '../pieces';
import { assemblyKinds, assemblyProperties, type AssemblyKind } from '../properties/assembly';
import { barProperties } from '../properties/bar';
import { brandProperties } from '../properties/brand';
import { linkReferences } from '../properties/link';
import type { Property, Values } from '../properties/property';
import { referenceNouns, type Reference } from '../properties/reference';
import { edgeBays, type Assembly } from './assembly';
import { MENU_LEVELS, type Menu } from './menu';
import { pathKey } from './page';
import type { Problem } from './problem';
import { partKinds, type Site } from './site';

/** A pointer with the path of the place that it stands in. */
export interface PlacedReference extends Reference {
  path: string;
}

/** Values in the document with the properties that describe them and the path at which they stand. */
interface PlacedValues {
  path: string;
  values: Values;
  properties: readonly Property[];
}

function assemblyValues(assembly: Assembly, kind: AssemblyKind): PlacedValues[] {
  const path = `${kind}.${assembly.id}`;
  return [
    { path, values: assembly.values, properties: assemblyProperties[kind] },
    ...Object.values(assembly.bars).map((bar) => ({
      path: `${path}.bars.${bar.id}`,
      values: bar.values,
      properties: barProperties,
    })),
    ...Object.values(assembly.pieces).map((piece) => ({
      path: `${path}.pieces.${piece.id}`,
      values: piece.values,
      properties: pieceKind(piece.kind).properties,
    })),
  ];
}

/** Everything in the document that holds values of properties. */
function allValues(site: Site): PlacedValues[] {
  return [
    { path: 'brand', values: site.brand.values, properties: brandProperties },
    ...assemblyKinds.flatMap((kind) =>
      Object.values(site[kind]).flatMap((assembly) => assemblyValues(assembly, kind)),
    ),
  ];
}

function valueReferences({ path, values, properties }: PlacedValues): PlacedReference[] {
  return properties.flatMap((property) => {
    const { references } = property.kind;
    if (!references) return [];
    return Object.entries(values[property.name] ?? {}).flatMap(([cell, value]) =>
      references(value).map((reference) => ({
        ...reference,
        path: `${path}.values.${property.name}.${cell}`,
      })),
    );
  });
}

/** Every pointer in the document to a page, menu, drawer or piece of artwork. */
export function allReferences(site: Site): PlacedReference[] {
  return [
    ...Object.values(site.menus).flatMap((menu) =>
      Object.values(menu.items).flatMap((item) =>
        linkReferences(item.link).map((reference) => ({
          ...reference,
          path: `menus.${menu.id}.items.${item.id}.link`,
        })),
      ),
    ),
    ...allValues(site).flatMap(valueReferences),
  ];
}

function missingReferences(site: Site): Problem[] {
  return allReferences(site)
    .filter(({ to, id }) => !Object.hasOwn(site[to], id))
    .map(({ to, id, path }) => ({
      path,
      reason: `points to a ${referenceNouns[to]} that is not there (${id})`,
    }));
}

function missingBands(site: Site): Problem[] {
  const bands = new Set(site.bands.map((band) => band.id));
  return allValues(site).flatMap(({ path, values }) =>
    Object.entries(values).flatMap(([name, cells]) =>
      Object.keys(cells)
        .filter((cell) => cell !== EVERYWHERE && !bands.has(cell))
        .map((cell) => ({
          path: `${path}.values.${name}.${cell}`,
          reason: 'belongs to a band that is not there',
        })),
    ),
  );
}

function mismatchedKeys(site: Site): Problem[] {
  return partKinds.flatMap((kind) =>
    Object.entries(site[kind])
      .filter(([key, part]) => part.id !== key)
      .map(([key, part]) => ({
        path: `${kind}.${key}.id`,
        reason: `is ${part.id}, but stands under ${key}`,
      })),
  );
}

/** Compares an order of ids with the things that it orders: each has to stand in it exactly once. */
function orderProblems(
  order: readonly string[],
  things: Readonly<Record<string, unknown>>,
  path: string,
): Problem[] {
  const problems: Problem[] = [];
  const seen = new Set<string>();
  for (const id of order) {
    if (!Object.hasOwn(things, id)) problems.push({ path, reason: `names ${id}, which is not there` });
    if (seen.has(id)) problems.push({ path, reason: `names ${id} twice` });
    seen.add(id);
  }
  for (const id of Object.keys(things))
    if (!seen.has(id)) problems.push({ path, reason: `leaves out ${id}` });
  return problems;
}

function pageProblems(site: Site): Problem[] {
  const problems = orderProblems(site.pageOrder, site.pages, 'pageOrder');
  const byPath = new Map<string, string>();
  for (const [id, page] of Object.entries(site.pages)) {
    const twin = byPath.get(pathKey(page.path));
    if (twin !== undefined)
      problems.push({ path: `pages.${id}.path`, reason: `“${page.path}” is also the path of “${twin}”` });
    byPath.set(pathKey(page.path), page.title);
    problems.push(...parentProblems(site, id));
  }
  return problems;
}

function parentProblems(site: Site, id: string): Problem[] {
  const path = `pages.${id}.parent`;
  const parent = site.pages[id]!.parent;
  if (parent !== null && !Object.hasOwn(site.pages, parent)) {
    return [{ path, reason: `points to a page that is not there (${parent})` }];
  }
  const trail = new Set([id]);
  for (let at = parent; at !== null; at = site.pages[at]?.parent ?? null) {
    if (trail.has(at)) return [{ path, reason: 'makes the page an ancestor of itself' }];
    trail.add(at);
  }
  return [];
}

function menuProblems(menu: Menu): Problem[] {
  const path = `menus.${menu.id}`;
  const order = [...menu.top, ...Object.values(menu.items).flatMap((item) => item.children)];
  const problems = orderProblems(order, menu.items, `${path}.items`);
  if (problems.length > 0) return problems;
  const reached = new Set<string>();
  const tooDeep: Problem[] = [];
  const visit = (id: string, level: number) => {
    reached.add(id);
    if (level > MENU_LEVELS)
      tooDeep.push({
        path: `${path}.items.${id}`,
        reason: `stands on level ${level}; a menu has at most ${MENU_LEVELS}`,
      });
    menu.items[id]!.children.forEach((child) => visit(child, level + 1));
  };
  menu.top.forEach((id) => visit(id, 1));
  // Each item has one parent by now, so whatever the walk did not reach stands below itself.
  const circular = Object.keys(menu.items).filter((id) => !reached.has(id));
  return [
    ...tooDeep,
    ...circular.map((id) => ({ path: `${path}.items.${id}`, reason: 'stands below itself' })),
  ];
}

function assemblyProblems(assembly: Assembly, path: string): Problem[] {
  const placed = Object.values(assembly.bars).flatMap((bar) => edgeBays.flatMap((bay) => bar.bays[bay]));
  return [
    ...orderProblems(assembly.order, assembly.bars, `${path}.order`),
    ...orderProblems(placed, assembly.pieces, `${path}.pieces`),
  ];
}

function placingProblems(site: Site): Problem[] {
  const { header, footer } = site.placing;
  const problems: Problem[] = [];
  if (header !== null && !Object.hasOwn(site.headers, header))
    problems.push({ path: 'placing.header', reason: `points to a header that is not there (${header})` });
  if (footer !== null && !Object.hasOwn(site.footers, footer))
    problems.push({ path: 'placing.footer', reason: `points to a footer that is not there (${footer})` });
  return problems;
}

/** What the schemas cannot say of a document: pointers that dangle, orders that leave out or repeat, cycles, paths taken twice. */
export function integrityProblems(site: Site): Problem[] {
  return [
    ...mismatchedKeys(site),
    ...pageProblems(site),
    ...Object.values(site.menus).flatMap(menuProblems),
    ...assemblyKinds.flatMap((kind) =>
      Object.values(site[kind]).flatMap((each) => assemblyProblems(each, `${kind}.${each.id}`)),
    ),
    ...placingProblems(site),
    ...missingReferences(site),
    ...missingBands(site),
  ];
}
