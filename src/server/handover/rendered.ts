import { bytesIn } from '../bytes/blobs';
import { assetFiles, plannedFiles, viewFont, type PlannedFile, type SiteFile } from '@/core/render/files';
import { handoverForms, type HandoverFormId } from '@/core/render/forms';
import { NOTICES_SCRIPT, SCRIPT } from '@/core/render/page/page';
import type { Site } from '@/core/site/site';
import type { Db } from '../db/open';
import { measured } from '../text/measured';
import { encoder } from './encoder';
import { fileBytes, runtimeScripts, viewScripts } from './sources';

/** The files of text of a site by their path, none rendered; by the document, which is a new object with every revision. */
const planned = new WeakMap<Site, ReadonlyMap<string, PlannedFile>>();

function plan(site: Site): ReadonlyMap<string, PlannedFile> {
  const known =
    planned.get(site) ??
    new Map(plannedFiles(site, runtimeScripts(site)).map((file): [string, PlannedFile] => [file.path, file]));
  planned.set(site, known);
  return known;
}

/**
 * One file of a site; what is text is rendered, and nothing else. Null when the site has no such file. Views also show headers and
 * footers that stand on no page, and what is being typed: for them there are all fonts, and whole scripts.
 */
export async function renderedFile(
  db: Db,
  site: Site,
  path: string,
  { ofViews = false } = {},
): Promise<SiteFile | null> {
  if (ofViews && path === SCRIPT) return { path, text: viewScripts().site };
  if (ofViews && path === NOTICES_SCRIPT) return { path, text: viewScripts().notices };
  const file = plan(site).get(path);
  if (file) return { path, text: (await measured(db, file.pieces)).join('') };
  const font = ofViews ? viewFont(site, path) : null;
  if (font) return font;
  const assets = await measured(db, (advances) => assetFiles(site, advances));
  return assets.find((asset) => asset.path === path) ?? null;
}

/** A file of the hand-over as it is written. */
export interface HandedOver {
  path: string;
  bytes: Buffer;
  /** Whether it is text that a person may want to read. */
  readable: boolean;
}

/** How many files a site has in the hand-over, and each of them, one rendered after another. */
export async function allFiles(
  db: Db,
  site: Site,
): Promise<{ count: number; files: AsyncGenerator<HandedOver> }> {
  const texts = [...plan(site).values()];
  const assets = await measured(db, (advances) => assetFiles(site, advances));
  const encode = encoder();
  return {
    count: texts.length + assets.length,
    files: (async function* () {
      for (const { path, pieces } of texts)
        yield { path, bytes: encode(await measured(db, pieces)), readable: true };
      for (const asset of assets)
        yield { path: asset.path, bytes: fileBytes(bytesIn(db), asset), readable: 'text' in asset };
    })(),
  };
}

/** The files of a site in a form other than that of a website: few, and rendered at once. */
export async function formFiles(
  db: Db,
  site: Site,
  form: HandoverFormId,
): Promise<{ count: number; files: AsyncGenerator<HandedOver> }> {
  const files = await measured(db, (advances) =>
    handoverForms[form].filesOf(site, runtimeScripts(site), advances),
  );
  return {
    count: files.length,
    files: (async function* () {
      for (const file of files)
        yield { path: file.path, bytes: fileBytes(bytesIn(db), file), readable: 'text' in file };
    })(),
  };
}
