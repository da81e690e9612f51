'use client';

import { Button, Checkbox, Input, Modal } from 'antd';
import { useMemo, useRef, useState } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import { readPageList } from '@/core/formats/page-list';
import { readSitemap } from '@/core/formats/sitemap';
import { FileField, type FileFieldHandle } from '@/ui/file-field';
import { addFoundPages, takenPaths } from './found-pages';
import styles from './pages.module.css';

const example = `Home  /
Rooms  /rooms
  The tower room  /rooms/tower
Visit  /visit`;

/** A text that a sitemap's XML begins like; anything else is a list. */
const isXml = (text: string) => text.trimStart().startsWith('<');

/** A dialog that reads a pasted list or a sitemap, shows what it understood, and adds it. */
export function AddPages({ open, onClose }: { open: boolean; onClose(): void }) {
  const site = useSite();
  const edit = useEdit();
  const [text, setText] = useState('');
  const [menuWanted, setMenuWanted] = useState(true);
  const [menuName, setMenuName] = useState('Main');
  const [refusal, setRefusal] = useState<string | null>(null);
  const file = useRef<FileFieldHandle>(null);
  const reading = useMemo(
    () => (isXml(text) ? readSitemap(text, takenPaths(site)) : readPageList(text, takenPaths(site))),
    [text, site],
  );
  const { pages, problems } = reading;
  const ready = pages.length > 0 && problems.length === 0 && (!menuWanted || menuName.trim() !== '');

  const close = () => {
    setText('');
    setRefusal(null);
    onClose();
  };
  const add = () => {
    const reason = edit(addFoundPages(pages, menuWanted ? menuName.trim() : null, newId));
    if (reason) setRefusal(reason);
    else close();
  };
  const depthOf = (index: number): number =>
    pages[index]!.parent === null ? 0 : 1 + depthOf(pages[index]!.parent!);

  return (
    <Modal
      title="Add pages"
      open={open}
      onCancel={close}
      width={880}
      okText={`Add ${pages.length} pages`}
      okButtonProps={{ disabled: !ready }}
      onOk={add}
      destroyOnHidden
    >
      <div className={styles.adding}>
        <div>
          <label htmlFor="page-list">
            One page a line: its title, then its path. Indent a page below another to nest it. A sitemap’s XML
            is read too.
          </label>
          <Input.TextArea
            id="page-list"
            autoFocus
            style={{ fontFamily: 'var(--figures)', fontSize: 12 }}
            value={text}
            rows={14}
            placeholder={example}
            onChange={(event) => setText(event.target.value)}
          />
          <Button onClick={() => file.current?.ask()}>Open a sitemap.xml or a text file…</Button>
          <FileField
            ref={file}
            label="Sitemap or text file"
            accept=".xml,.txt,text/xml,text/plain"
            onFile={(chosen) => void chosen.text().then(setText)}
          />
        </div>
        <div aria-live="polite">
          <h2>{text.trim() === '' ? 'What will be added' : `${pages.length} pages understood`}</h2>
          {problems.length > 0 && (
            <ul className={styles.problems} aria-label="Problems">
              {problems.map((problem) => (
                <li key={`${problem.line} ${problem.reason}`}>
                  Line {problem.line}: {problem.reason}
                </li>
              ))}
            </ul>
          )}
          {text.trim() === '' && (
            <p className="quiet">
              Paste the list on the left; what is understood of it shows here before anything is added.
            </p>
          )}
          <ul className={styles.found} aria-label="Pages understood" tabIndex={0}>
            {pages.map((page, index) => (
              <li key={page.path} style={{ paddingInlineStart: depthOf(index) * 16 }}>
                {page.title} <span className="figures quiet">{page.path}</span>
              </li>
            ))}
          </ul>
          <p className={styles.menuWanted}>
            <Checkbox checked={menuWanted} onChange={(event) => setMenuWanted(event.target.checked)}>
              and make a menu of them, named
            </Checkbox>
            <Input
              value={menuName}
              aria-label="Name of the menu"
              maxLength={60}
              disabled={!menuWanted}
              onChange={(event) => setMenuName(event.target.value)}
            />
          </p>
          {problems.length > 0 && pages.length > 0 && <p>Nothing is added until every line is right.</p>}
          {refusal && (
            <p role="alert" className={styles.refusal}>
              {refusal}
            </p>
          )}
        </div>
      </div>
    </Modal>
  );
}
