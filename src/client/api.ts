import type { Patch } from '@/core/edit/apply';
import type { Edit } from '@/core/edit';
import type { Artwork } from '@/core/site/artwork';
import type { LinkedFile } from '@/core/site/file';
import type { FontFile } from '@/core/site/font';

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

/** What was read of bytes that were uploaded, by the part of the site that they are for. */
interface Uploads {
  artwork: Pick<Artwork, 'type' | 'width' | 'height' | 'bytes'>;
  fonts: { family: string; file: Omit<FontFile, 'hash'> };
  files: Pick<LinkedFile, 'name' | 'bytes'>;
}
export type UploadKind = keyof Uploads;

/** The largest files that are sent, in MB; the server says the same. */
const mostMegabytes: Record<UploadKind, number> = { artwork: 2, fonts: 4, files: 8 };

/** The bytes of a file as base64. */
async function base64Of(file: File): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let binary = '';
  // In stretches, since the arguments of a call are limited in number.
  for (let at = 0; at < bytes.length; at += 8192)
    binary += String.fromCharCode(...bytes.subarray(at, at + 8192));
  return btoa(binary);
}

/** Sends a file to be kept; one that is too large is refused before any of it is read. */
export async function postUpload<K extends UploadKind>(
  site: string,
  kind: K,
  file: File,
): Promise<Answer<{ about: Uploads[K]; hash: string }>> {
  const most = mostMegabytes[kind];
  if (file.size > most * 1048576) {
    const reason = `“${file.name}” has ${(file.size / 1048576).toFixed(1)} MB; at most ${most} MB are taken here.`;
    return { ok: false, offline: false, reason, body: {} };
  }
  const body = JSON.stringify({ name: file.name, base64: await base64Of(file) });
  return post(`/api/sites/${site}/uploads/${kind}`, body);
}

/** A file of the hand-over; sizes in bytes. */
export interface HandoverFile {
  path: string;
  bytes: number;
  compressed: number;
  /** Whether it is text that a person may want to read. */
  readable: boolean;
}

export const getFiles = (site: string) => ask<{ files: HandoverFile[] }>(`/api/sites/${site}/files`);
