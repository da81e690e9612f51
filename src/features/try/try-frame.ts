import * as v from 'valibot';
import type { Id } from '@/core/ids/id';
import { renderedPages } from '@/core/render/files';
import { languageFolder, pageFile } from '@/core/render/page/paths';
import type { Phase } from '@/core/properties/phases';
import { phases } from '@/core/properties/phases';
import type { Page } from '@/core/site/page';
import type { Site } from '@/core/site/site';

const metSchema = v.object({ role: v.string(), name: v.string() });
/** What is met one after another: a role, and a name. */
export type Met = v.InferOutput<typeof metSchema>;

/** What a tried page tells (src/teller/tried.ts). */
const toldSchema = v.object({
  tells: v.literal('tried'),
  path: v.pipe(v.string(), v.maxLength(2000)),
  phase: v.nullable(v.picklist(phases)),
  scrolled: v.number(),
  met: v.nullable(v.pipe(v.array(metSchema), v.maxLength(1000))),
});

/** What is asked of a tried page. */
export interface Asked {
  /** What is listed: what the Tab key reaches, or what a reader meets. */
  lists: 'focus' | 'names' | null;
  signedIn: boolean;
  /** How much is in the basket; null where the page says it. */
  inBasket: number | null;
}

/** Where one is in a tried site. */
export interface Where {
  page: Page;
  language: string;
  phase: Phase | null;
}

/** What a frame told: where one is, how far down from 0 to 1, and what is met there where that was asked. */
export interface Told {
  where: Where;
  file: string;
  scrolled: number;
  met: readonly Met[] | null;
}

/** The file of a site in the address of a tried page: what comes after the circumstances. */
const fileIn = (path: string) => path.split('/').slice(4).join('/') || 'index.html';

/** What a message from a frame tells; null for anything else. */
export function toldBy(site: Site, message: unknown): Told | null {
  const parsed = v.safeParse(toldSchema, message);
  if (!parsed.success) return null;
  const { path, phase, scrolled, met } = parsed.output;
  const file = fileIn(path);
  for (const language of site.languages) {
    const page = renderedPages(site).find(
      (each) => pageFile(each.path, languageFolder(site, language)) === file,
    );
    if (page) return { where: { page, language, phase }, file, scrolled, met };
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
 * Windows side by side, each of a size at a zoom, as they are drawn into a room to one scale: pages are told of a window that is as much
 * smaller as they are zoomed, and all of it is made smaller where there is no room for it. In CSS px; `gap` stands between them.
 */
export function drawnIn(
  windows: readonly { width: number; height: number }[],
  zoom: number,
  room: { width: number; height: number },
  gap: number,
): Drawn[] {
  const width = windows.reduce((sum, each) => sum + each.width, 0);
  const height = Math.max(...windows.map((each) => each.height));
  const free = Math.max(1, room.width - gap * (windows.length - 1));
  const fit = Math.min(1, free / width, room.height / height);
  return windows.map((each) => ({
    width: each.width / zoom,
    height: each.height / zoom,
    scale: zoom * fit,
  }));
}

/** The name of what stands somewhere; `none` where nothing does. */
export const nameOf = (things: Readonly<Record<Id, { name: string }>>, id: Id | null): string =>
  id === null ? 'none' : (things[id]?.name ?? 'none');
