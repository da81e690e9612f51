import { SITE_VERSION } from './site';

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

/** What brings a document of a version to the next one. */
const upgrades: Record<number, Upgrade> = {
  1: (site) => {
    const [widest] = site.bands as { id: string }[];
    const asNow = [textAsWords, artworkByWidth(widest!.id)];
    const assemblies = ['headers', 'drawers', 'footers'].map((kind) => [
      kind,
      mapEntries(site[kind], (assembly) => ({
        ...assembly,
        bars: mapEntries(assembly.bars, baysAsList),
        pieces: mapEntries(assembly.pieces, (piece) =>
          asNow.reduce((changed, change) => change(changed), piece),
        ),
      })),
    ]);
    return { ...site, ...Object.fromEntries(assemblies) };
  },
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
