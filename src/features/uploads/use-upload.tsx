'use client';

import { App } from 'antd';
import { useRef, useState, type ReactNode } from 'react';
import { postUpload } from '@/client/api';
import { newId } from '@/client/new-id';
import { useOpenSite, useSite } from '@/client/open-site-context';
import type { Edit } from '@/core/edit';
import { FileField, type FileFieldHandle } from '@/ui/file-field';

/** What follows on an upload: the edits that put something new to use, given its id. */
type Follow = (id: string) => Edit[];

const fields: Record<'artwork' | 'files', { label: string; accept: string; noun: string }> = {
  artwork: { label: 'Artwork file', accept: '.svg,.png,.webp,.jpg,.jpeg', noun: 'artwork' },
  files: { label: 'File to link to', accept: '', noun: 'file' },
};

/** A name for a part that is made from a file. */
function nameFrom(file: File): string {
  return file.name.replace(/\.\w+$/, '').slice(0, 60) || 'Artwork';
}

/** The edit that makes an uploaded file part of the site, or the reason why it was refused. */
async function uploaded(
  site: string,
  kind: 'artwork' | 'files',
  id: string,
  file: File,
): Promise<Edit | string> {
  if (kind === 'files') {
    const answer = await postUpload(site, kind, file);
    if (!answer.ok) return answer.reason;
    return { edit: 'addFile', file: { id, hash: answer.value.hash, ...answer.value.about } };
  }
  const answer = await postUpload(site, kind, file);
  if (!answer.ok) return answer.reason;
  const artwork = { id, name: nameFrom(file), alt: '', hash: answer.value.hash, ...answer.value.about };
  return { edit: 'addArtwork', artwork };
}

/** A file dialog that adds artwork or a file to the site and puts it to use in the same step. */
export function useUpload(kind: 'artwork' | 'files'): {
  ask(follow: Follow): void;
  busy: boolean;
  input: ReactNode;
} {
  const site = useSite();
  const edit = useOpenSite((open) => open.edit);
  const { notification } = App.useApp();
  const field = useRef<FileFieldHandle>(null);
  const follow = useRef<Follow>(() => []);
  const [busy, setBusy] = useState(false);
  const { label, accept, noun } = fields[kind];

  const add = async (file: File) => {
    setBusy(true);
    const id = newId();
    const made = await uploaded(site.id, kind, id, file);
    setBusy(false);
    const reason = typeof made === 'string' ? made : edit([made, ...follow.current(id)]);
    if (reason)
      notification.error({
        title: `The ${noun} was not added`,
        description: reason,
        placement: 'bottomLeft',
      });
  };
  return {
    ask(next) {
      follow.current = next;
      field.current?.ask();
    },
    busy,
    input: <FileField ref={field} label={label} accept={accept} onFile={(file) => void add(file)} />,
  };
}
