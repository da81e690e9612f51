import * as v from 'valibot';
import type { Id } from '@/core/ids/id';
import { renderedPages } from '@/core/render/files';
import { languageFolder, pageFile } from '@/core/render/page/paths';
import type { Phase } from '@/core/properties/phases';
import { phases } from '@/core/properties/phases';
import type { Page } from '@/core/site/page';
import type { Site } from '@/core/site/site';

/** What a tried page tells (public/tried.js). */
const toldSchema = v.object({
  tells: v.literal('tried'),
  path: v.pipe(v.string(), v.maxLength(2000)),
  phase: v.nullable(v.picklist(phases)),
});

/** Where one is in a tried site. */
export interface Where {
  page: Page;
  language: string;
  phase: Phase | null;
}

/** The file of a site in the address of a tried page: what comes after the circumstances. */
const fileIn = (path: string) => path.split('/').slice(4).join('/') || 'index.html';

/** Where a message from a frame says that one is; null for anything else. */
export function whereTold(site: Site, message: unknown): Where | null {
  const parsed = v.safeParse(toldSchema, message);
  if (!parsed.success) return null;
  const { path, phase } = parsed.output;
  const file = fileIn(path);
  for (const language of site.languages) {
    const page = renderedPages(site).find(
      (each) => pageFile(each.path, languageFolder(site, language)) === file,
    );
    if (page) return { page, language, phase };
  }
  return null;
}

/** How the frame is drawn: its own size, and how much larger than that. */
export interface Drawn {
  width: number;
  height: number;
  scale: number;
}

/**
 * A window of a size at a zoom, as it is drawn into a room: pages are told of a window that is as much smaller as they are zoomed, and all
 * of it is made smaller where there is no room for it. In CSS px.
 */
export function drawnIn(
  window: { width: number; height: number },
  zoom: number,
  room: { width: number; height: number },
): Drawn {
  const fit = Math.min(1, room.width / window.width, room.height / window.height);
  return { width: window.width / zoom, height: window.height / zoom, scale: zoom * fit };
}

/** The name of what stands somewhere; `none` where nothing does. */
export const nameOf = (things: Readonly<Record<Id, { name: string }>>, id: Id | null): string =>
  id === null ? 'none' : (things[id]?.name ?? 'none');
