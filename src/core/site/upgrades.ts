import { settle } from '../bands/follow';
import { phaseChain } from '../properties/phases';
import { filesOfPages, meeting } from './file-places';
import { pathKey, type Page } from './page';
import type { Problem } from './problem';
import { SITE_VERSION, type Site } from './site';

/** A document as it was stored, of whatever version. */
type Stored = Record<string, unknown>;
type Upgrade = (site: Stored) => Stored;

function mapEntries(of: unknown, change: (entry: Stored) => Stored): unknown {
  if (typeof of !== 'object' || of === null) return of;
  return Object.fromEntries(Object.entries(of).map(([key, entry]) => [key, change(entry as Stored)]));
}

/** Bays became a list of their own, each with values, and the division of a bar a value by width. */
function baysAsList(bar: Stored): Stored {
  const { bays, values, ...rest } = bar as Stored & { bays: Stored; values: Stored };
  delete rest.division;
  const { bays: arranged, ...others } = values as { bays?: Stored };
  const division = arranged && {
    division: mapEntries(arranged, (way) =>
      (way as unknown) === 'stacked' ? { by: 'stack' } : { by: 'edges' },
    ),
  };
  return {
    ...rest,
    bays: Object.entries(bays).map(([id, pieces]) => ({ id, pieces, values: {} })),
    values: { ...others, ...division },
  };
}

/** A text became a line in which words may be links. */
function textAsWords(piece: Stored): Stored {
  const { values } = piece as { values: Stored };
  if (piece.kind !== 'text' || !values.text) return piece;
  return {
    ...piece,
    values: { ...values, text: mapEntries(values.text, (text) => [text] as unknown as Stored) },
  };
}

/** The artwork of a logo became a value by width; what held everywhere is that of the widest band. */
function artworkByWidth(widest: string) {
  return (piece: Stored): Stored => {
    const { values } = piece as { values: Stored };
    const artwork = values.artwork as Stored | undefined;
    if (piece.kind !== 'logo' || artwork === undefined) return piece;
    return { ...piece, values: { ...values, artwork: { [widest]: artwork.all } } };
  };
}

/** Texts without control characters and line breaks. */
function withoutControls(value: unknown): unknown {
  if (typeof value === 'string')
    return /\p{Cc}/u.test(value)
      ? value
          .replace(/\s+/gu, ' ')
          .replace(/\p{Cc}/gu, '')
          .trim()
      : value;
  if (Array.isArray(value)) return value.map(withoutControls);
  return typeof value === 'object' && value !== null
    ? mapEntries(value, (entry) => withoutControls(entry) as Stored)
    : value;
}

/** Paths of pages told apart whose files would meet when the hand-over is unpacked: folders lose their dots, or the path gets a number. */
function pathsApart(site: Stored): Stored {
  const pages = Object.values((site.pages ?? {}) as Site['pages']);
  const files = filesOfPages({ pages: site.pages, files: site.files ?? {} } as Site);
  const taken = new Set(pages.map(({ path }) => pathKey(path)));
  const apart = (page: Page): Page => {
    if (meeting(page, files) === null) return page;
    const parts = page.path.split('/');
    const last = parts.pop()!;
    const plain = [...parts.map((part) => part.replaceAll('.', '-')), last].join('/');
    let path = plain;
    for (let count = 2; taken.has(pathKey(path)) || meeting({ path }, files) !== null; count += 1)
      path = `${plain}-${count}`;
    taken.add(pathKey(path));
    return { ...page, path };
  };
  return { ...site, pages: Object.fromEntries(pages.map((page) => [page.id, apart(page)])) };
}

/** Languages that differ by capitals alone are one; what was said in the later one is kept where the first says nothing. */
function languagesOnce(site: Stored): Stored {
  const languages = site.languages as string[];
  const same = (tag: string) => languages.find((each) => each.toLowerCase() === tag.toLowerCase())!;
  const twins = languages.filter((tag) => same(tag) !== tag);
  if (twins.length === 0) return site;
  const joined = (said: unknown) => {
    const words = { ...(said as Record<string, string>) };
    for (const twin of twins) {
      const text = words[twin];
      delete words[twin];
      if (text !== undefined && same(twin) !== languages[0]) words[same(twin)] ??= text;
    }
    return words;
  };
  const items = (menu: Stored) =>
    mapEntries(menu.items, (item) => {
      const link = item.link as { language?: string };
      return {
        ...item,
        labels: joined(item.labels),
        link: link.language === undefined ? link : { ...link, language: same(link.language) },
      };
    });
  return {
    ...site,
    languages: languages.filter((tag) => !twins.includes(tag)),
    pages: mapEntries(site.pages, (page) => ({ ...page, titles: joined(page.titles) })),
    menus: mapEntries(site.menus, (menu) => ({ ...menu, items: items(menu) })),
  };
}

/** What a bar had where nothing was said of it, in CSS px. */
const BAR_WAS = { leastHeight: 64, padding: 8 };

/** The least height of a bar was that of what stands in it; now it is the bar's own, what is above and below it and its lines included. */
function heightOfBars(bands: readonly string[], borders: Stored) {
  const lineWidth = (border: unknown) =>
    (borders[border as string] as { value?: { width?: number } } | undefined)?.value?.width ?? 0;
  return (bar: Stored): Stored => {
    const values = bar.values as Record<string, Record<string, unknown>>;
    const said = ['leastHeight', 'padding', 'lineAbove', 'lineBelow'].filter((name) => values[name]);
    if (said.length === 0) return bar;
    const at = (name: string, cell: string, initial: unknown) =>
      settle(values[name] ?? {}, phaseChain(bands, cell), cell, initial).value;
    const height = (cell: string) =>
      (at('leastHeight', cell, BAR_WAS.leastHeight) as number) +
      2 * (at('padding', cell, BAR_WAS.padding) as number) +
      lineWidth(at('lineAbove', cell, null)) +
      lineWidth(at('lineBelow', cell, null));
    const cells = new Set(said.flatMap((name) => Object.keys(values[name]!)));
    const leastHeight = Object.fromEntries([...cells].map((cell) => [cell, height(cell)]));
    return { ...bar, values: { ...values, leastHeight } };
  };
}

/** That a menu stands around the logo became a value by width, one of several ways to stand with it. */
function aroundByWidth(widest: string) {
  return (piece: Stored): Stored => {
    const { around, ...values } = piece.values as { around?: { all?: boolean } } & Stored;
    if (piece.kind !== 'menu' || around === undefined) return piece;
    return { ...piece, values: around.all ? { ...values, around: { [widest]: 'around' } } : values };
  };
}

/** Changes the pieces of all headers, drawers and footers. */
function mapPieces(site: Stored, change: (piece: Stored) => Stored): Stored {
  const assemblies = ['headers', 'drawers', 'footers'].map((kind) => [
    kind,
    mapEntries(site[kind], (assembly) => ({ ...assembly, pieces: mapEntries(assembly.pieces, change) })),
  ]);
  return { ...site, ...Object.fromEntries(assemblies) };
}

/** Changes the bars of all headers, drawers and footers. */
function mapBars(site: Stored, change: (bar: Stored) => Stored): Stored {
  const assemblies = ['headers', 'drawers', 'footers'].map((kind) => [
    kind,
    mapEntries(site[kind], (assembly) => ({ ...assembly, bars: mapEntries(assembly.bars, change) })),
  ]);
  return { ...site, ...Object.fromEntries(assemblies) };
}

/** Every bay of a bar divided by shares gets the share that it had. */
function shareEach(bar: Stored): Stored {
  const { bays, values } = bar as { bays: unknown[]; values: Stored };
  if (!values.division) return bar;
  const whole = (division: Stored): Stored =>
    division.by === 'shares'
      ? { ...division, shares: bays.map((_, index) => (division.shares as number[])[index] ?? 1) }
      : division;
  return { ...bar, values: { ...values, division: mapEntries(values.division, whole) } };
}

/** Gives ids that nothing in a document has yet. */
function freeIds(site: Stored): (wanted: string) => string {
  const text = JSON.stringify(site);
  const given = new Set<string>();
  return (wanted) => {
    for (let count = 1; ; count += 1) {
      const id = count === 1 ? wanted : `${wanted}-${count}`;
      if (given.has(id) || text.includes(`"${id}"`)) continue;
      given.add(id);
      return id;
    }
  };
}

/** What closes a drawer stood above its bars by itself; now it is a piece, in a bar that stays at its top. */
function closedByPieces(site: Stored): Stored {
  const free = freeIds(site);
  const withHead = (drawer: Stored) => {
    const { bars, pieces, order } = drawer as { bars: Stored; pieces: Stored; order: string[] };
    const [bar, piece] = [free('head'), free('close')];
    const bays = ['start', 'middle', 'end'].map((id) => ({
      id,
      pieces: id === 'end' ? [piece] : [],
      values: {},
    }));
    const head = { id: bar, name: 'Head', bays, values: { part: { all: 'head' } } };
    return {
      ...drawer,
      order: [bar, ...order],
      bars: { ...bars, [bar]: head },
      pieces: { ...pieces, [piece]: { id: piece, kind: 'close', values: {} } },
    };
  };
  return { ...site, drawers: mapEntries(site.drawers, withHead) };
}

/** What was counted in parts, though there are none of it: browsers passed over what was said so. */
const counted = {
  pieces: ['splitAfter', 'behind', 'leftOut', 'panelColumns', 'headingLevel', 'columns', 'count', 'order'],
  brand: ['layerFooter', 'layerHeader', 'layerDropDown', 'layerSkip'],
};

const rounded = (value: unknown) => (typeof value === 'number' ? Math.round(value) : value);

function countedWhole(holder: Stored, names: readonly string[]): Stored {
  const values = holder.values as Stored;
  const whole = names
    .filter((name) => values[name] !== undefined)
    .map((name) => [name, mapEntries(values[name], (cell) => rounded(cell) as Stored)]);
  return { ...holder, values: { ...values, ...Object.fromEntries(whole) } };
}

/** What rules turn goes by wholes, one at the least. */
function turnedByWholes(bar: Stored): Stored {
  const rules = bar.rules as { turns: { property: string; value: unknown; step?: number }[] }[] | undefined;
  if (!rules) return bar;
  const whole = rules.map((rule) => ({
    ...rule,
    turns: rule.turns.map((turn) => {
      if (!counted.pieces.includes(turn.property)) return turn;
      const { step, ...rest } = turn;
      const steps =
        step === undefined ? {} : { step: Math.sign(step) * Math.max(1, Math.round(Math.abs(step))) };
      return { ...rest, value: rounded(turn.value), ...steps };
    }),
  }));
  return { ...bar, rules: whole };
}

/** What brings a document of a version to the next one. */
const upgrades: Record<number, Upgrade> = {
  1: (site) => {
    const [widest] = site.bands as { id: string }[];
    const asNow = [textAsWords, artworkByWidth(widest!.id)];
    return asNow.reduce(mapPieces, mapBars(site, baysAsList));
  },
  2: (site) => languagesOnce(pathsApart(withoutControls(site) as Stored)),
  3: (site) => {
    const bands = (site.bands as { id: string }[]).map(({ id }) => id);
    const { borders } = site.brand as { borders: Stored };
    return mapPieces(mapBars(site, heightOfBars(bands, borders)), aroundByWidth(bands[0]!));
  },
  // Neither the address of the site nor other words of pages could be said.
  4: (site) => ({ ...site, address: null, words: { values: {} } }),
  // A page could have the name of a file that came since.
  5: (site) => closedByPieces(pathsApart(site)),
  // Nothing could be embedded, a bay without a share had one, and the same stood on every page.
  6: (site) => ({
    ...mapBars(site, shareEach),
    embeds: [],
    placing: { ...(site.placing as Stored), rules: [] },
  }),
  7: (site) => ({
    ...mapPieces(mapBars(site, turnedByWholes), (piece) => countedWhole(piece, counted.pieces)),
    brand: countedWhole(site.brand as Stored, counted.brand),
  }),
};

/**
 * A stored document brought to the version of this application, one version after another; a document that is of this
 * version, or of one that was never in use, comes back as it is. The result is not validated; throws where the document
 * does not have the form that its version says.
 */
export function upgraded(site: Stored): Stored {
  let now = site;
  while (typeof now.version === 'number' && now.version < SITE_VERSION && upgrades[now.version])
    now = { ...upgrades[now.version]!(now), version: now.version + 1 };
  return now;
}

/** Why a document of this version cannot be read, before anything else of it is looked at; null when it can, or says no version at all. */
export function versionProblem(version: unknown): Problem | null {
  const known = typeof version === 'number' && (version === SITE_VERSION || version in upgrades);
  if (version === undefined || known) return null;
  const newer = typeof version === 'number' && version > SITE_VERSION;
  const advice = newer
    ? 'It was written by a newer Gable Ridge; open it there.'
    : 'Such a version was never in use.';
  return {
    path: 'version',
    reason: `is ${JSON.stringify(version)}; this application reads version ${SITE_VERSION}. ${advice}`,
  };
}
