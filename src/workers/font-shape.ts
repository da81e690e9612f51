import type { FontSource } from '@/core/text/font-source';
import { shapeWith, type Shape } from '@/core/text/shaper';

/** HarfBuzz, which comes when it is first asked for. */
export const shaper = () => import('harfbuzzjs');

/** Fetches a font's plain bytes and shapes with it; null when it cannot be had. */
export async function fetchedShape(source: FontSource, address: string): Promise<Shape | null> {
  const [hb, response] = await Promise.all([shaper(), fetch(address)]);
  return response.ok ? shapeWith(hb, new Uint8Array(await response.arrayBuffer()), source) : null;
}

/** Where the plain bytes of a font of a site are. */
export function fontAddress(site: string, { from, name }: FontSource): string {
  return from === 'shipped' ? `/fonts/${name}/sfnt` : `/api/sites/${site}/bytes/${name}/sfnt`;
}
