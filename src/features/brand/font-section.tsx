'use client';

import { App, Button } from 'antd';
import { useRef, useState } from 'react';
import { postUpload } from '@/client/api';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import { shippedFamilies, type ShippedFamily } from '@/core/brand/fonts';
import type { Id } from '@/core/ids/id';
import type { UploadedFont } from '@/core/site/font';
import { usesOf } from '@/core/site/uses';
import { FileField, type FileFieldHandle } from '@/ui/file-field';
import { sizeText } from '@/ui/size-text';
import { useFace } from './use-face';
import styles from './brand.module.css';

/** The name of a family, in that family. */
function FamilyName({ id, name }: { id: Id; name: string }) {
  const site = useSite();
  const family = useFace(site, id, { weight: '400', slant: 'normal' });
  return <span style={{ fontFamily: `"${family}", system-ui`, fontSize: 17 }}>{name}</span>;
}

function shippedWords({ weights, italic, subsets }: ShippedFamily): string {
  const sets = subsets.filter((subset) => !subset.endsWith('-ext')).join(', ');
  return `${weights[0]} to ${weights[1]}${italic ? ', italic' : ''} · ${sets}`;
}

function uploadedWords({ files }: UploadedFont): string {
  return files
    .map(({ weights, slant, format, bytes }) => {
      const range = [...new Set(weights)].join('–');
      return `${range}${slant === 'italic' ? ' italic' : ''} (${format.toUpperCase()}, ${sizeText(bytes)})`;
    })
    .join(', ');
}

/** The families that type styles can take: those shipped with the application, and those uploaded to the site. */
export function FontSection() {
  const site = useSite();
  const edit = useEdit();
  const { notification } = App.useApp();
  const field = useRef<FileFieldHandle>(null);
  const into = useRef<UploadedFont | null>(null);
  const [busy, setBusy] = useState(false);
  const ask = (family: UploadedFont | null) => {
    into.current = family;
    field.current?.ask();
  };
  const add = async (file: File) => {
    setBusy(true);
    const answer = await postUpload(site.id, 'fonts', file);
    setBusy(false);
    const refuse = (description: string) =>
      notification.error({ title: 'The font was not added', description, placement: 'bottomLeft' });
    if (!answer.ok) return refuse(answer.reason);
    const { about, hash } = answer.value;
    const known = into.current ?? Object.values(site.fonts).find((font) => font.name === about.family);
    const family = known ? { id: known.id, name: known.name } : { id: newId(), name: about.family };
    const reason = edit([{ edit: 'addFontFile', family, file: { ...about.file, hash } }]);
    if (reason) refuse(reason);
  };
  const uses = (id: Id) =>
    usesOf(site, 'fonts', new Set([id]))
      .map((use) => use.words())
      .join(', ');
  return (
    <>
      <table className="rows" aria-label="Fonts">
        <thead>
          <tr>
            <th scope="col">Family</th>
            <th scope="col">Weights and scripts</th>
            <th scope="col">From</th>
            <th scope="col">
              <span className="seen-by-readers-only">Actions</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {Object.values(site.fonts).map((font) => (
            <tr key={font.id}>
              <th scope="row">
                <FamilyName id={font.id} name={font.name} />
              </th>
              <td>{uploadedWords(font)}</td>
              <td>uploaded{uses(font.id) && `, used by ${uses(font.id)}`}</td>
              <td className={styles.actions}>
                <button type="button" className="plain" onClick={() => ask(font)} disabled={busy}>
                  Add a file…
                </button>
                <button
                  type="button"
                  className="plain"
                  aria-label={`Remove ${font.name}`}
                  onClick={() => edit([{ edit: 'removeFont', family: font.id }])}
                >
                  Remove
                </button>
              </td>
            </tr>
          ))}
          {shippedFamilies.map((family) => (
            <tr key={family.id}>
              <th scope="row">
                <FamilyName id={family.id} name={family.name} />
              </th>
              <td>{shippedWords(family)}</td>
              <td className="quiet">shipped</td>
              <td />
            </tr>
          ))}
        </tbody>
      </table>
      <p className={styles.beside}>
        <Button onClick={() => ask(null)} loading={busy}>
          Upload a font…
        </Button>
        <span className="quiet">
          WOFF2, WOFF, TTF or OTF, up to 4 MB; weight and slant are read from the file.
        </span>
      </p>
      <FileField
        ref={field}
        label="Font file"
        accept=".woff2,.woff,.ttf,.otf"
        onFile={(file) => void add(file)}
      />
    </>
  );
}
