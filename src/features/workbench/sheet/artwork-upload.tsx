'use client';

import { App } from 'antd';
import { useRef, type ReactNode } from 'react';
import { postArtwork } from '@/client/api';
import { newId } from '@/client/new-id';
import { useOpenSite, useSite } from '@/client/open-site-context';
import type { Place } from '@/core/edit/place';
import { FileField, type FileFieldHandle } from '@/ui/file-field';

/** The bytes of a file as base64. */
async function base64Of(file: File): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  return btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''));
}

/** The largest file that is sent, in bytes; the server says the same. */
const MOST_BYTES = 2 * 1024 * 1024;

/** A file dialog that adds artwork to the site and lets a value point at it. */
export function useArtworkUpload(place: Place): {
  ask(property: string, cell: string): void;
  input: ReactNode;
} {
  const site = useSite();
  const edit = useOpenSite((open) => open.edit);
  const { notification } = App.useApp();
  const field = useRef<FileFieldHandle>(null);
  const target = useRef<{ property: string; cell: string } | null>(null);
  const refuse = (reason: string) =>
    notification.error({ title: 'The artwork was not added', description: reason, placement: 'bottomLeft' });

  const add = async (file: File) => {
    const wanted = target.current;
    if (!wanted) return;
    if (file.size > MOST_BYTES)
      return refuse(
        `${file.name} has ${(file.size / 1048576).toFixed(1)} MB; artwork may have at most 2 MB.`,
      );
    const answer = await postArtwork(site.id, await base64Of(file));
    if (!answer.ok) return refuse(`${file.name}: ${answer.reason}`);
    const artwork = {
      id: newId(),
      name: file.name.replace(/\.\w+$/, '').slice(0, 60) || 'Artwork',
      alt: '',
      ...answer.value.artwork,
    };
    const reason = edit([
      { edit: 'addArtwork', artwork },
      { edit: 'setValue', place, ...wanted, value: artwork.id },
    ]);
    if (reason) refuse(reason);
  };

  const input = (
    <FileField
      ref={field}
      label="Artwork file"
      accept=".svg,.png,.webp,.jpg,.jpeg"
      onFile={(file) => void add(file)}
    />
  );
  return {
    ask(property, cell) {
      target.current = { property, cell };
      field.current?.ask();
    },
    input,
  };
}
