import { tokenKinds } from '../brand/tokens';
import { keptWhileSame } from '../ids/kept-while-same';
import { pieceKind } from '../pieces';
import { assemblyKinds, assemblyNouns, type AssemblyKind } from '../properties/assembly-kind';
import { axisCells } from '../properties/axis';
import { cellParts, phases } from '../properties/phases';
import type { Property, Values } from '../properties/property';
import { referenceNouns } from '../properties/reference';
import type { Assembly, Bar } from './assembly';
import { fileProblems } from './file-places';
import { MENU_LEVELS, type Menu } from './menu';
import { pathKey, type Given } from './page';
import { slots, type Where } from './placing-schema';
import type { Problem } from './problem';
import { ruleProblems } from './rule-problems';
import { partsOf, referredParts, type ReferredPart } from './parts';
import { partKinds, type Site } from './site';
import { allValues, brandUses, holders, itemUses, valueUses, type PlacedValues, type Use } from './uses';

/** Those of some pointers that point to nothing. */
function missingReferences(site: Pick<Site, ReferredPart>, uses: readonly Use[]): Problem[] {
  return uses
    .filter(({ to, id }) => !Object.hasOwn(partsOf(site, to), id))
    .map(({ to, id, path }) => ({
      path,
      reason: `points to a ${referenceNouns[to]} that is not there (${id})`,
    }));
}

/** Whether a property by width has a cell of this name. */
function hasCell(bands: ReadonlySet<string>, property: Property | undefined, cell: string): boolean {
  const { band, phase } = cellParts(cell);
  return bands.has(band) && (phase === 'top' || (property?.phased === true && phases.includes(phase)));
}

/** A cell that the site does not have, and of what it is. */
interface WrongCell {
  name: string;
  cell: string;
  of: string;
}

function cellsNotThere(
  { values, properties }: PlacedValues,
  bands: ReadonlySet<string>,
  languages: readonly string[],
): WrongCell[] {
  return Object.entries(values).flatMap(([name, cells]) => {
    const property = properties.find((each) => each.name === name);
    const wrong = (cell: string) =>
      (property?.by === 'width' && !hasCell(bands, property, cell) && 'a band or a phase') ||
      (property?.by === 'language' && !languages.includes(cell) && 'a language');
    return Object.keys(cells).flatMap((cell) => {
      const of = wrong(cell);
      return of ? [{ name, cell, of }] : [];
    });
  });
}

const wrongCells = keptWhileSame<Values, readonly WrongCell[]>();

/** Cells of bands, phases and languages that the site does not have. */
function missingCells(site: Pick<Site, (typeof holders)[number] | 'languages'>): Problem[] {
  const bands = new Set(site.bands.map((band) => band.id));
  const languages = axisCells('language', { bands: [], languages: site.languages });
  return allValues(site).flatMap((placed) =>
    wrongCells(placed.values, [placed.properties, site.bands, site.languages], () =>
      cellsNotThere(placed, bands, languages),
    ).map(({ name, cell, of }) => ({
      path: `${placed.path}.values.${name}.${cell}`,
      reason: `belongs to ${of} that is not there`,
    })),
  );
}

type Collection = Readonly<Record<string, { id: string }>>;

/** What stands under another key than its id. */
function mismatchedKeys(parts: Collection, path: string): Problem[] {
  return Object.entries(parts)
    .filter(([key, part]) => part.id !== key)
    .map(([key, part]) => ({
      path: `${path}.${key}.id`,
      reason: `is ${part.id}, but stands under ${key}`,
    }));
}

/** The collections of the brand. */
const brandFamilies = [...tokenKinds.map((kind) => kind.family), 'typeStyles'] as const;

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

function pageProblems(site: Pick<Site, 'pages' | 'pageOrder' | 'languages'>): Problem[] {
  const problems = orderProblems(site.pageOrder, site.pages, 'pageOrder');
  const byPath = new Map<string, string>();
  const folders = site.languages.slice(1).map((language) => `/${language.toLowerCase()}/`);
  for (const [id, page] of Object.entries(site.pages)) {
    const twin = byPath.get(pathKey(page.path));
    if (twin !== undefined)
      problems.push({ path: `pages.${id}.path`, reason: `“${page.path}” is also the path of “${twin}”` });
    byPath.set(pathKey(page.path), page.title);
    if (folders.some((folder) => pathKey(page.path).startsWith(folder)))
      problems.push({ path: `pages.${id}.path`, reason: 'begins like the folder of a language of the site' });
    problems.push(...parentProblems(site, id));
  }
  return problems;
}

function parentProblems(site: Pick<Site, 'pages'>, id: string): Problem[] {
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

/** Bays are told apart by their ids in their bar. */
function bayProblems({ bays }: Bar, path: string): Problem[] {
  return bays.flatMap(({ id }, index) =>
    bays.findIndex((bay) => bay.id === id) < index
      ? [{ path: `${path}.${index}.id`, reason: `is ${id}, as that of another bay of the bar` }]
      : [],
  );
}

function assemblyProblems(assembly: Assembly, path: string): Problem[] {
  const bars = Object.values(assembly.bars);
  const placed = bars.flatMap((bar) => bar.bays.flatMap((bay) => bay.pieces));
  return [
    ...bars.flatMap((bar) => bayProblems(bar, `${path}.bars.${bar.id}.bays`)),
    ...orderProblems(assembly.order, assembly.bars, `${path}.order`),
    ...orderProblems(placed, assembly.pieces, `${path}.pieces`),
  ];
}

/** Kinds of pieces that stand in one kind of assembly only. */
function misplacedPieces(assemblies: Readonly<Record<string, Assembly>>, kind: AssemblyKind): Problem[] {
  return Object.values(assemblies).flatMap(({ id, pieces }) =>
    Object.values(pieces).flatMap((piece) => {
      const { only, label } = pieceKind(piece.kind);
      return only === undefined || only === kind
        ? []
        : [
            {
              path: `${kind}.${id}.pieces.${piece.id}`,
              reason: `is a ${label.toLowerCase()}, which stands in a ${assemblyNouns[only]} only`,
            },
          ];
    }),
  );
}

/** Colours that are the same as each other in a ring would have no colour at all, in either scheme. */
function colourProblems({ brand: { colours } }: Pick<Site, 'brand'>): Problem[] {
  const valueOf = (id: string, part: 'value' | 'dark') =>
    (part === 'dark' ? colours[id]!.dark : undefined) ?? colours[id]!.value;
  return (['value', 'dark'] as const).flatMap((part) =>
    Object.keys(colours).flatMap((id) => {
      const trail = new Set<string>();
      for (let at: string | null = id; at !== null && Object.hasOwn(colours, at);) {
        if (trail.has(at))
          return [{ path: `brand.colours.${id}.${part}`, reason: 'is the same as itself in the end' }];
        trail.add(at);
        const value = valueOf(at, part);
        at = 'as' in value ? value.as : null;
      }
      return [];
    }),
  );
}

/** Tokens are told apart by their ids alone, whichever family they are of. */
function tokenIdProblems({ brand }: Pick<Site, 'brand'>): Problem[] {
  const ids = brandFamilies.flatMap((family) => Object.keys(brand[family]).map((id) => ({ family, id })));
  const first = new Map<string, string>();
  return ids.flatMap(({ family, id }) => {
    const twin = first.get(id);
    first.set(id, family);
    return twin === undefined
      ? []
      : [{ path: `brand.${family}.${id}`, reason: `has an id that is also in ${twin}` }];
  });
}

/** Names that a designer types to mean a token have to be told apart. */
function nameProblems({ brand, files }: Pick<Site, 'brand' | 'files'>): Problem[] {
  const taken = (things: Readonly<Record<string, { id: string; name: string }>>, path: string) => {
    const seen = new Map<string, string>();
    return Object.values(things).flatMap(({ id, name }) => {
      const twin = seen.get(name.toLowerCase());
      seen.set(name.toLowerCase(), id);
      return twin === undefined ? [] : [{ path: `${path}.${id}.name`, reason: `“${name}” is already there` }];
    });
  };
  return [
    ...tokenKinds.flatMap(({ family }) => taken(brand[family], `brand.${family}`)),
    ...taken(brand.typeStyles, 'brand.typeStyles'),
    ...taken(files, 'files'),
  ];
}

/** An item has to say something: a label of its own, or that of what it leads to. */
function labelProblems({ menus }: Pick<Site, 'menus'>): Problem[] {
  return Object.values(menus).flatMap((menu) =>
    Object.values(menu.items)
      .filter(({ label, link }) => label === null && link.to === 'nothing')
      .map(({ id }) => ({
        path: `menus.${menu.id}.items.${id}.label`,
        reason: 'is missing, and the item leads nowhere that could lend it one',
      })),
  );
}

/** A link to the site in another language has to name one that the site has. */
function languageProblems(site: Pick<Site, 'menus' | 'languages'>): Problem[] {
  return Object.values(site.menus).flatMap((menu) =>
    Object.values(menu.items).flatMap(({ id, link }) =>
      link.to === 'language' && !site.languages.includes(link.language)
        ? [
            {
              path: `menus.${menu.id}.items.${id}.link`,
              reason: `leads to “${link.language}”, which the site does not have`,
            },
          ]
        : [],
    ),
  );
}

function placingProblems(
  site: Pick<Site, 'placing' | 'pages' | 'languages' | 'headers' | 'footers'>,
): Problem[] {
  const { rules, ...others } = site.placing;
  const missing = (gives: Given, path: string) =>
    slots
      .filter((slot) => typeof gives[slot] === 'string' && !Object.hasOwn(site[`${slot}s`], gives[slot]))
      .map((slot) => ({
        path: `${path}.${slot}`,
        reason: `points to a ${slot} that is not there (${gives[slot]})`,
      }));
  const gone = (where: Where): string[] => {
    if (where.by === 'language') return site.languages.includes(where.language) ? [] : [where.language];
    const pages = where.by === 'below' ? [where.page] : where.by === 'pages' ? where.pages : [];
    return pages.filter((id) => !Object.hasOwn(site.pages, id));
  };
  return [
    ...missing(others, 'placing'),
    ...rules.flatMap(({ id, where, gives }, index) => {
      const path = `placing.rules.${index}`;
      const twice = rules.findIndex((each) => each.id === id) < index;
      return [
        ...missing(gives, `${path}.gives`),
        ...gone(where).map((each) => ({
          path: `${path}.where`,
          reason: `names a page or a language that is not there (${each})`,
        })),
        ...(twice ? [{ path: `${path}.id`, reason: `is ${id}, as that of another rule` }] : []),
      ];
    }),
    ...Object.values(site.pages).flatMap((page) =>
      page.stands ? missing(page.stands, `pages.${page.id}.stands`) : [],
    ),
  ];
}

/** Something that has to hold, and all that it is told by: as long as these parts are the same objects, it holds as before. */
interface Bond {
  reads: readonly (keyof Site)[];
  problems(site: Site): Problem[];
}

const bond = <const Read extends keyof Site>(
  reads: readonly Read[],
  problems: (site: Pick<Site, Read>) => Problem[],
): Bond => ({ reads, problems });

const bonds: readonly Bond[] = [
  ...partKinds.map((kind) => bond([kind], (site) => mismatchedKeys(site[kind], kind))),
  bond(['brand'], ({ brand }) =>
    brandFamilies.flatMap((family) => mismatchedKeys(brand[family], `brand.${family}`)),
  ),
  bond(['menus'], ({ menus }) =>
    Object.values(menus).flatMap((menu) => mismatchedKeys(menu.items, `menus.${menu.id}.items`)),
  ),
  bond(['pages', 'pageOrder', 'languages'], pageProblems),
  bond(['pages', 'files'], fileProblems),
  bond(['menus'], ({ menus }) => Object.values(menus).flatMap(menuProblems)),
  ...assemblyKinds.flatMap((kind) => [
    bond([kind], (site) => misplacedPieces(site[kind], kind)),
    bond([kind, 'bands'], (site) =>
      Object.values(site[kind]).flatMap((each) => [
        ...assemblyProblems(each, `${kind}.${each.id}`),
        ...ruleProblems(site, each, `${kind}.${each.id}`),
      ]),
    ),
  ]),
  bond(['placing', 'pages', 'languages', 'headers', 'footers'], placingProblems),
  bond(['brand'], colourProblems),
  bond(['brand'], tokenIdProblems),
  bond(['brand', 'files'], nameProblems),
  bond(['menus'], labelProblems),
  bond(['menus', 'languages'], languageProblems),
  bond([...referredParts, 'menus'], (site) => missingReferences(site, itemUses(site))),
  bond([...referredParts, ...holders], (site) => missingReferences(site, valueUses(site))),
  bond([...referredParts, 'brand'], (site) => missingReferences(site, brandUses(site))),
  bond([...holders, 'languages'], missingCells),
];

/**
 * What the schemas cannot say of a document: pointers that dangle, orders that leave out or repeat, cycles, paths taken twice. Where the one that
 * it was made of is known to be sound, only what what has changed may have broken is looked at.
 */
export function integrityProblems(site: Site, sound: Site | null = null): Problem[] {
  return bonds
    .filter(({ reads }) => sound === null || reads.some((part) => site[part] !== sound[part]))
    .flatMap(({ problems }) => problems(site));
}
