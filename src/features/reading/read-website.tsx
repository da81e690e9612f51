'use client';

import { App } from 'antd';
import { useRouter } from 'next/navigation';
import { useCallback, useState } from 'react';
import { postUpload } from '@/client/api';
import { newId } from '@/client/new-id';
import { useEdit, useOpenSite, useSite } from '@/client/open-site-context';
import { websiteEdits } from '@/core/formats/website/compose-website';
import { foundIn, type FoundWebsite, type WebsitePart } from '@/core/formats/website/found-website';
import { megabytes, MOST_SITE_FILE } from '@/core/site/file-limits';
import { ReadingDialog } from './reading-dialog';

/** An archive that was opened, and the text that stands for it in the field. */
interface Opened {
  said: string;
  bytes: Uint8Array;
}

const formats = [{ id: 'website', name: 'a website', looksLike: () => true }];

const example = `<header>
  <a href="/"><img src="logo.svg" alt="Alder Quay"></a>
  <nav><ul><li><a href="/boats">Boats</a></li></ul></nav>
</header>`;

const fileName = (source: string) => source.split(/[?#]/)[0]!.split('/').at(-1) ?? '';

/** Adds the file of a logo to the site, and makes it its logo. */
function useLogo() {
  const { id: site } = useSite();
  const edit = useOpenSite((open) => open.edit);
  const { notification } = App.useApp();
  return async ({ source, alt, bytes }: NonNullable<FoundWebsite['logo']>, group: string) => {
    if (!bytes) return;
    const answer = await postUpload(site, 'artwork', new File([new Uint8Array(bytes)], fileName(source)));
    const id = newId();
    const reason = answer.ok
      ? edit(
          [
            {
              edit: 'addArtwork',
              artwork: { id, name: 'Logo', alt, hash: answer.value.hash, ...answer.value.about },
            },
            { edit: 'setLogo', version: 'full', artwork: id },
          ],
          group,
        )
      : answer.reason;
    if (reason)
      notification.error({
        title: 'The logo was not added',
        description: reason,
        placement: 'bottomLeft',
      });
  };
}

/** A dialog that reads the header, menus and footer of a website that exists, and makes a header and a footer of what is ticked. */
export function ReadWebsite({ onClose }: { onClose(): void }) {
  const site = useSite();
  const edit = useEdit();
  const router = useRouter();
  const addLogo = useLogo();
  const [opened, setOpened] = useState<Opened | null>(null);
  const ask = useCallback(
    (_: string, text: string) => ({
      read: 'website' as const,
      text,
      archive: text === opened?.said ? opened.bytes : null,
    }),
    [opened],
  );
  const textOf = async (file: File) => {
    if (!/\.zip$/i.test(file.name)) return file.text();
    if (file.size > MOST_SITE_FILE)
      return `<!-- ${file.name} has ${megabytes(file.size)} MB; at most ${megabytes(MOST_SITE_FILE)} MB are read. -->`;
    const said = `The folder of pages in ${file.name}`;
    setOpened({ said, bytes: new Uint8Array(await file.arrayBuffer()) });
    return said;
  };
  const losses = useCallback(
    (parts: readonly WebsitePart[]) => {
      const found = foundIn(parts);
      const { problems } = websiteEdits(site, found, newId);
      const line = parts.find(({ gives }) => gives.logo)?.line ?? 1;
      return found.logo && !found.logo.bytes
        ? [
            ...problems,
            {
              line,
              reason: `The file of the logo, ${fileName(found.logo.source)}, is not in what was read: add it on the Brand screen.`,
            },
          ]
        : problems;
    },
    [site],
  );
  const add = (parts: readonly WebsitePart[]) => {
    const found = foundIn(parts);
    const group = newId();
    const reason = edit(websiteEdits(site, found, newId).edits, group, 'Before reading a website');
    if (reason !== null) return reason;
    if (found.logo) void addLogo(found.logo, group);
    router.push(`/sites/${site.id}/headers`);
    return null;
  };
  return (
    <ReadingDialog
      title="Read a website that exists"
      prompt="The HTML of a page, or a zip of a folder of pages with their stylesheets. Nothing is fetched: what is not in it is not read."
      placeholder={example}
      accept=".html,.htm,.zip,text/html,application/zip"
      openLabel="Open a page or a zip…"
      formats={formats}
      ask={ask}
      textOf={textOf}
      ticks
      losses={losses}
      describe={({ line, words, gives }) => ({
        depth: 0,
        label: words,
        detail: `line ${line}`,
        swatch: gives.colours?.[0]?.css,
      })}
      nouns={['part', 'parts']}
      verb="Take in"
      onAdd={add}
      onClose={onClose}
    />
  );
}
