import { readFileSync } from 'node:fs';
import path from 'node:path';
import { measuresInBrowser } from '@/core/fit/measured-rules';
import type { Scripts, SiteFile } from '@/core/render/files';
import { shippedFileName, type ShippedFile } from '@/core/brand/fonts';
import type { Site } from '@/core/site/site';
import { blobBytes } from '../bytes/blobs';
import type { Db } from '../db/open';

const root = (...parts: string[]) => path.resolve(/*turbopackIgnore: true*/ process.cwd(), ...parts);
const fontFolder = (family: string) => root('node_modules/@fontsource', family);

/** A script as it is shipped: without the comments inside it, which would be a quarter of it. */
function shippedScript(name: string): string {
  return readFileSync(root('src/runtime', name), 'utf8').replace(/^ +(\/\/|\/\*\*).*\n/gm, '');
}

/** The scripts of a site: to what every site has comes, where a rule is measured in the visitor's browser, what does that. */
export function runtimeScripts(site: Site): Scripts {
  return {
    site: shippedScript('site.js') + (measuresInBrowser(site) ? shippedScript('measure.js') : ''),
    notices: shippedScript('notices.js'),
  };
}

/** The bytes of a shipped font. */
export function shippedFontBytes(font: ShippedFile): Buffer {
  return readFileSync(path.join(fontFolder(font.family), 'files', shippedFileName(font)));
}

/** The bytes of a file of the hand-over. */
export function fileBytes(db: Db, file: SiteFile): Buffer {
  if ('text' in file) return Buffer.from(file.text);
  if ('hash' in file) return blobBytes(db, file.hash);
  if ('fontLicence' in file) return readFileSync(path.join(fontFolder(file.fontLicence), 'LICENSE'));
  return shippedFontBytes(file.font);
}

const mediaTypes: Record<string, string> = {
  html: 'text/html; charset=utf-8',
  css: 'text/css; charset=utf-8',
  js: 'text/javascript; charset=utf-8',
  txt: 'text/plain; charset=utf-8',
  woff2: 'font/woff2',
  woff: 'font/woff',
  ttf: 'font/ttf',
  otf: 'font/otf',
  pdf: 'application/pdf',
  svg: 'image/svg+xml',
  png: 'image/png',
  webp: 'image/webp',
  jpg: 'image/jpeg',
};

/** The media type of a file by its ending. */
export function mediaType(filePath: string): string {
  return mediaTypes[filePath.split('.').at(-1)!] ?? 'application/octet-stream';
}
