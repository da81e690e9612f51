import type { Patch } from '@/core/edit/apply';
import type { Edit } from '@/core/edit';
import type { PastEdit } from '@/core/comparing/past-edit';
import type { SavedPoint } from '@/core/comparing/saved-point';
import type { HandoverFormId } from '@/core/render/forms';
import type { HandoverNews, ListedFile } from '@/core/render/handover-news';
import type { Part } from '@/core/render/parts';
import type { Hosting, Release } from '@/core/render/release-news';
import type { Artwork } from '@/core/site/artwork';
import { megabytes, MOST_BYTES } from '@/core/site/file-limits';
import type { LinkedFile } from '@/core/site/file';
import type { FontFile } from '@/core/site/font';
import type { Site } from '@/core/site/site';

/** Where a site stands on the server, for a browser that knew it at an older revision. */
export interface Standing {
  revision: number;
  changes: { revision: number; batch: string | null; patches: Patch[] }[];
  undo: string | null;
  redo: string | null;
}

/** Why there is no answer that says yes or no, and the same may be asked again: no answer at all, a server that cannot store now, one that failed. */
export type Again = 'offline' | 'held' | 'failed';

/** What the server refused, with its sentence. `again` is null where asking again would not help. */
export interface Refused {
  ok: false;
  status: number;
  again: Again | null;
  reason: string;
  body: Record<string, unknown>;
}
export type Answer<T> = { ok: true; value: T } | Refused;

const unreachable: Refused = {
  ok: false,
  status: 0,
  again: 'offline',
  reason: 'The server does not answer. Is the application still running?',
  body: {},
};

async function ask<T>(path: string, init?: RequestInit): Promise<Answer<T>> {
  const response = await fetch(path, init).catch(() => null);
  if (!response) return unreachable;
  const { ok, status } = response;
  const body = (status === 204 ? {} : await response.json().catch(() => null)) as Record<
    string,
    unknown
  > | null;
  // An answer that was cut off may have said yes.
  if (ok) return body === null ? unreachable : { ok, value: body as T };
  return {
    ok,
    status,
    again: body?.later === true ? 'held' : status >= 500 ? 'failed' : null,
    reason: typeof body?.reason === 'string' ? body.reason : `The server failed at this (${status}).`,
    body: body ?? {},
  };
}

function post<T>(path: string, body: string): Promise<Answer<T>> {
  return ask<T>(path, { method: 'POST', headers: { 'content-type': 'application/json' }, body });
}

/** Whose undo it is: a window, and up to which revision all edits count as its own. */
export interface Owner {
  window: string;
  from: number;
}

/** What every request to change a site says: the revision that it was made on, which request it is, and whose. */
interface ChangeRequest {
  base: number;
  batch: string;
  owner: Owner;
}

const asOwner = ({ window, from }: Owner) => `window=${window}&from=${from}`;

export const getSite = (site: string, owner: Owner) =>
  ask<{ site: Site; standing: Standing }>(`/api/sites/${site}?${asOwner(owner)}`);

export const postEdits = (
  site: string,
  request: ChangeRequest & { edits: readonly Edit[]; group: string | null; point: string | null },
) => post<{ standing: Standing }>(`/api/sites/${site}/edits`, JSON.stringify(request));

export const postHistory = (
  site: string,
  request: ChangeRequest & ({ kind: 'undo' | 'redo' } | { kind: 'return'; point: string }),
) => post<{ standing: Standing }>(`/api/sites/${site}/history`, JSON.stringify(request));

export const getChanges = (site: string, since: number, owner: Owner) =>
  ask<{ standing: Standing }>(`/api/sites/${site}/changes?since=${since}&${asOwner(owner)}`);

export const createSite = (name: string) => post<{ id: string }>('/api/sites', JSON.stringify({ name }));

/** Makes a site that is as another one stands. */
export const copySite = (copyOf: string) => post<{ id: string }>('/api/sites', JSON.stringify({ copyOf }));

export const openSiteFile = (file: File) =>
  ask<{ id: string }>('/api/sites/open', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: file,
  });

/** Puts the last readable revision of a site that cannot be read beside it. */
export const recoverSite = (site: string) =>
  post<{ id: string; revision: number }>(`/api/sites/${site}/recovered`, '{}');

export const deleteSite = (site: string) => ask<unknown>(`/api/sites/${site}`, { method: 'DELETE' });

/** What was read of bytes that were uploaded, by the part of the site that they are for. */
interface Uploads {
  artwork: Pick<Artwork, 'type' | 'width' | 'height' | 'bytes'>;
  fonts: { family: string; file: Omit<FontFile, 'hash'> };
  files: Pick<LinkedFile, 'name' | 'bytes'>;
}
export type UploadKind = keyof Uploads;

/** Sends a file to be kept; one that is too large is refused before any of it is read. */
export async function postUpload<K extends UploadKind>(
  site: string,
  kind: K,
  file: File,
): Promise<Answer<{ about: Uploads[K]; hash: string }>> {
  const most = MOST_BYTES[kind];
  if (file.size > most) {
    const reason = `“${file.name}” has ${megabytes(file.size)} MB; at most ${megabytes(most)} MB are taken here.`;
    return { ok: false, status: 413, again: null, reason, body: {} };
  }
  const name = encodeURIComponent(file.name);
  return ask(`/api/sites/${site}/uploads/${kind}?name=${name}`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream' },
    body: file,
  });
}

export const getPoints = (site: string) => ask<{ points: SavedPoint[] }>(`/api/sites/${site}/points`);

/** What was done before a revision, the last first; from the latest on where none is said. */
export const getPastEdits = (site: string, before: number | null) =>
  ask<{ edits: PastEdit[]; more: boolean }>(
    `/api/sites/${site}/history${before === null ? '' : `?before=${before}`}`,
  );

/** The documents before and after something that was done. */
export const getAround = (site: string, { from, to }: PastEdit) =>
  ask<{ before: Site; after: Site }>(`/api/sites/${site}/history/${to}?from=${from}`);

/** Makes a saved point of the site as it stands on the server. */
export const postPoint = (site: string, name: string) =>
  post<{ point: SavedPoint }>(`/api/sites/${site}/points`, JSON.stringify({ name }));

/** The document of a saved point. */
export const getPoint = (site: string, point: string) =>
  ask<{ site: Site }>(`/api/sites/${site}/points/${point}`);

export const deletePoint = (site: string, point: string) =>
  ask<unknown>(`/api/sites/${site}/points/${point}`, { method: 'DELETE' });

export const getReleases = (site: string) =>
  ask<{ releases: Release[]; hosting: Hosting }>(`/api/sites/${site}/releases`);

/** The parts of a page as they are handed over, of the site as it stands or of a release. */
export const getParts = (site: string, page: string, language: string, release: number | null) =>
  ask<{ parts: Part[] }>(
    `/api/sites/${site}/parts?page=${page}&language=${language}${release === null ? '' : `&release=${release}`}`,
  );

export const getReleasedFiles = (site: string, release: number) =>
  ask<{ files: ListedFile[] }>(`/api/sites/${site}/releases/${release}`);

export const deleteRelease = (site: string, release: number) =>
  ask<unknown>(`/api/sites/${site}/releases/${release}`, { method: 'DELETE' });

/** Publishes a release at the practice host, at a port where one is wanted; null takes the site down. */
export const putHosting = (site: string, release: number | null, port: number | null = null) =>
  ask<{ hosting: Hosting }>(`/api/sites/${site}/hosting`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ release, port }),
  });

/** What can be made of a site’s files: told of, an archive of them as they stand or of a release, or a release of a revision. */
export type Making =
  | { make: 'list' }
  | { make: 'zip'; release: number | null; form: HandoverFormId }
  | { make: 'release'; revision: number; note: string };

/** What of a site an archive is of, as a query. */
export const zipQuery = ({ release, form }: Making & { make: 'zip' }): string =>
  new URLSearchParams({ form, ...(release === null ? {} : { release: String(release) }) }).toString();

function requestOf(site: string, making: Making): [path: string, init: RequestInit] {
  const root = `/api/sites/${site}`;
  if (making.make === 'list') return [`${root}/files`, {}];
  if (making.make === 'zip') return [`${root}/zip?${zipQuery(making)}`, { method: 'POST' }];
  const { revision, note } = making;
  return [
    `${root}/releases`,
    {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ revision, note }),
    },
  ];
}

/** Follows the making of a hand-over until it is done or the signal says to stop. */
export async function* handoverNews(
  site: string,
  making: Making,
  signal: AbortSignal,
): AsyncGenerator<HandoverNews> {
  const [path, init] = requestOf(site, making);
  const failed = (reason: string): HandoverNews => ({ says: 'failed', reason });
  try {
    const response = await fetch(path, { ...init, signal });
    if (!response.ok || !response.body) {
      const body = await response.json().catch(() => ({}));
      yield failed(body.reason ?? `The server failed at this (${response.status}).`);
      return;
    }
    let rest = '';
    const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return;
      const lines = (rest + value).split('\n');
      rest = lines.pop()!;
      yield* lines.map((line) => JSON.parse(line) as HandoverNews);
    }
  } catch {
    if (!signal.aborted) yield failed(unreachable.reason);
  }
}
