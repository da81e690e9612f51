'use client';

import {
  nearestFace,
  shippedFamily,
  shippedFileName,
  unicodeRange,
  type FontFace as Face,
  type ShippedFile,
} from '@/core/brand/fonts';
import { fontFormats } from '@/core/site/font';
import type { Site } from '@/core/site/site';

/** A name that no font of the application’s own has. */
export function fontFamily(site: Site, family: string): string {
  return `specimen-${shippedFamily(family) ? family : `${site.id}-${family}`}`;
}

const loading = new Map<string, Promise<unknown>>();

function load(key: string, make: () => FontFace): Promise<unknown> {
  const known = loading.get(key);
  if (known) return known;
  const face = make();
  document.fonts.add(face);
  // A face that cannot be had leaves the specimen in the font that stands in for it.
  const started = face.load().catch(() => undefined);
  loading.set(key, started);
  return started;
}

/** Fetches a face of a font for specimens; gives the CSS family under which it can be used. */
export async function loadFace(site: Site, family: string, face: Face): Promise<string> {
  const name = fontFamily(site, family);
  const shipped = shippedFamily(family);
  if (shipped) {
    const file: ShippedFile = { family, subset: 'latin', ...nearestFace(shipped, face) };
    const address = `/fonts/${shippedFileName(file)}`;
    const descriptors = { weight: file.weight, style: file.slant, unicodeRange: unicodeRange(file) };
    await load(address, () => new FontFace(name, `url(${address}) format("woff2")`, descriptors));
    return name;
  }
  await Promise.all(
    (site.fonts[family]?.files ?? []).map(({ hash, weights, slant, format }) =>
      load(`${site.id} ${hash}`, () => {
        const source = `url(/api/sites/${site.id}/bytes/${hash}) format("${fontFormats[format]}")`;
        return new FontFace(name, source, { weight: weights.join(' '), style: slant });
      }),
    ),
  );
  return name;
}
