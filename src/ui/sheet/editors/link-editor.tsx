'use client';

import { Select } from 'antd';
import { useMemo, useRef, useState } from 'react';
import type { Editor } from '@/core/properties/kinds/kind';
import type { Link } from '@/core/properties/link';
import type { EditorProps } from './editor-props';
import styles from '../sheet.module.css';

/** What stands for a link to nowhere; no target holds a blank. */
const NOWHERE = 'no target';
const UPLOAD = 'upload a file';
/** What stands before the path of a page that is to be added. */
const ADD_PAGE = 'add the page ';

/** Where a link leads: chosen from what the site has, or typed as a path with a section, an address, an e-mail or a telephone. */
export function LinkEditor({
  value,
  set,
  source,
  close,
  label,
  makeLabel,
  make,
  bring,
}: Pick<
  EditorProps<Editor, Link>,
  'value' | 'set' | 'source' | 'close' | 'label' | 'makeLabel' | 'make' | 'bring'
>) {
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const groups = useMemo(() => source.linkGroups(), [source]);
  const reading = typed === '' ? null : source.readLink(typed);
  const listed = groups.some(({ options }) => options.some((option) => option.value === typed));
  const current = value.to === 'nothing' ? NOWHERE : source.linkValue(value);
  const known = groups.some(({ options }) => options.some((option) => option.value === current));
  const uploading = makeLabel('files');
  const options = [
    ...(reading?.ok && !listed ? [{ value: typed, label: `${reading.label} (as typed)` }] : []),
    ...(reading && !reading.ok && reading.page !== undefined
      ? [{ value: `${ADD_PAGE}${reading.page}`, label: `Add the page ${reading.page}` }]
      : []),
    { value: NOWHERE, label: 'nowhere' },
    ...(known || value.to === 'nothing' ? [] : [{ value: current, label: current }]),
    ...groups.map((group) => ({ ...group, title: group.label })),
    ...(uploading ? [{ value: UPLOAD, label: uploading }] : []),
  ];
  const pick = (picked: string): string | null => {
    if (picked.startsWith(ADD_PAGE)) return bring({ is: 'page', path: picked.slice(ADD_PAGE.length) });
    if (picked === NOWHERE) return set({ to: 'nothing' });
    if (picked === UPLOAD) {
      make('files');
      return null;
    }
    const read = source.readLink(picked);
    return read.ok ? set(read.link) : read.reason;
  };
  const box = useRef<HTMLSpanElement>(null);
  const search = (text: string) => {
    // The list empties its field when it is left.
    if (text === '' && !box.current?.contains(document.activeElement)) return;
    setTyped(text.trim());
    setProblem(null);
  };
  const select = (picked: string) => {
    const refused = pick(picked);
    setProblem(refused);
    if (refused === null) close();
  };
  return (
    <span className={styles.editor} ref={box}>
      <Select
        autoFocus
        defaultOpen
        size="small"
        className={styles.select}
        popupMatchSelectWidth={320}
        aria-label={label}
        value={current}
        status={problem === null ? '' : 'error'}
        showSearch={{
          filterOption: (text, option) =>
            (option && 'value' in option && option.value === typed) ||
            String(option?.label ?? '')
              .toLowerCase()
              .includes(text.trim().toLowerCase()),
          onSearch: search,
        }}
        options={options}
        notFoundContent={
          reading && !reading.ok
            ? reading.reason
            : 'Type a path, an address such as https://…, an e-mail address or a telephone number.'
        }
        onSelect={select}
        // What was typed and is right is kept; what is not stays with its reason.
        onBlur={() => (typed === '' ? problem === null && close() : select(typed))}
        onInputKeyDown={(event) => event.key === 'Escape' && close()}
      />
      {problem !== null && (
        <span role="alert" className={styles.problem}>
          {problem}
        </span>
      )}
    </span>
  );
}
