import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Scripts, SiteFile } from '@/core/render/files';
import { scriptParts, usedScripts, type ScriptPart } from '@/core/render/used-scripts';
import { shippedFileName, type ShippedFile } from '@/core/brand/fonts';
import type { Site } from '@/core/site/site';
import type { BytesOf } from '../bytes/blobs';

const root = (...parts: string[]) => path.resolve(/*turbopackIgnore: true*/ process.cwd(), ...parts);
const fontFolder = (family: string) => root('node_modules/@fontsource', family);

/** A part of a script as it is shipped: `npm run jobs` writes it with short names, a third of what it is in src/runtime. */
const shippedScript = (name: string): string => readFileSync(root('.jobs/scripts', `${name}.js`), 'utf8');

const scriptOf = (parts: readonly ScriptPart[]) => parts.map(shippedScript).join('');

/** The scripts of a site: of what it does in browsers, what it needs. */
export function runtimeScripts(site: Site): Scripts {
  return { site: scriptOf(usedScripts(site)), notices: shippedScript('notices') };
}

/** The scripts of views, which come to show what was not there when they were opened. */
export const viewScripts = (): Scripts => ({
  site: scriptOf(scriptParts),
  notices: shippedScript('notices'),
});

/** The bytes of a shipped font. */
export function shippedFontBytes(font: ShippedFile): Buffer {
  return readFileSync(path.join(fontFolder(font.family), 'files', shippedFileName(font)));
}

/** The bytes of a file of the hand-over; `bytesOf` has those that were uploaded. */
export function fileBytes(bytesOf: BytesOf, file: SiteFile): Buffer {
  if ('text' in file) return Buffer.from(file.text);
  if ('hash' in file) return bytesOf(file.hash);
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
