import type { Patch } from '@/core/edit/apply';
import type { Edit } from '@/core/edit';
import type { Artwork } from '@/core/site/artwork';

/** Where a site stands on the server, for a browser that knew it at an older revision. */
export interface Standing {
  revision: number;
  changes: { revision: number; batch: string | null; patches: Patch[] }[];
  undo: string | null;
  redo: string | null;
}

/** What the server said; `offline` when it could not be reached at all. */
export type Answer<T> =
  { ok: true; value: T } | { ok: false; offline: boolean; reason: string; body: Record<string, unknown> };

const unreachable = 'The server does not answer. Is the application still running?';

async function ask<T>(path: string, init?: RequestInit): Promise<Answer<T>> {
  try {
    const response = await fetch(path, init);
    const body = response.status === 204 ? {} : await response.json();
    if (response.ok) return { ok: true, value: body as T };
    return {
      ok: false,
      offline: false,
      reason: body.reason ?? `The server answered ${response.status}.`,
      body,
    };
  } catch {
    return { ok: false, offline: true, reason: unreachable, body: {} };
  }
}

function post<T>(path: string, body: string): Promise<Answer<T>> {
  return ask<T>(path, { method: 'POST', headers: { 'content-type': 'application/json' }, body });
}

export interface EditBatch {
  base: number;
  edits: readonly Edit[];
  group: string | null;
  batch: string;
}

export const postEdits = (site: string, batch: EditBatch) =>
  post<{ standing: Standing }>(`/api/sites/${site}/edits`, JSON.stringify(batch));

export const postHistory = (site: string, base: number, step: 'undo' | 'redo') =>
  post<{ standing: Standing }>(`/api/sites/${site}/history`, JSON.stringify({ base, step }));

export const getChanges = (site: string, since: number) =>
  ask<{ standing: Standing }>(`/api/sites/${site}/changes?since=${since}`);

export const createSite = (name: string) => post<{ id: string }>('/api/sites', JSON.stringify({ name }));

export const openSiteFile = (text: string) => post<{ id: string }>('/api/sites/open', text);

export const deleteSite = (site: string) => ask<unknown>(`/api/sites/${site}`, { method: 'DELETE' });

export const postArtwork = (site: string, base64: string) =>
  post<{ artwork: Pick<Artwork, 'type' | 'width' | 'height' | 'hash'> }>(
    `/api/sites/${site}/artwork`,
    JSON.stringify({ base64 }),
  );

/** A file of the hand-over; sizes in bytes. */
export interface HandoverFile {
  path: string;
  bytes: number;
  compressed: number;
  /** Whether it is text that a person may want to read. */
  readable: boolean;
}

export const getFiles = (site: string) => ask<{ files: HandoverFile[] }>(`/api/sites/${site}/files`);
