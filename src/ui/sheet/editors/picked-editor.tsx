'use client';

import { Select } from 'antd';
import { useState } from 'react';
import { colourRoleLabels, colourRoles } from '@/core/brand/colour-roles';
import type { Editor } from '@/core/properties/kinds/kind';
import { addressProblem, type Link } from '@/core/properties/link';
import type { SheetOption } from '../model';
import type { EditorProps } from './editor-props';
import styles from '../sheet.module.css';

/** The values of the entries that are not targets; no id holds a blank. */
const NONE = 'no target';
const MAKE = 'make one';

/** A list that stands open at once and closes the cell when a value is picked. */
function PickedEditor({
  label,
  value,
  options,
  pick,
  close,
}: {
  label: string;
  value: string;
  options: readonly SheetOption[];
  pick(value: string): void;
  close(back?: boolean): void;
}) {
  const [open, setOpen] = useState(true);
  return (
    <Select
      autoFocus
      size="small"
      className={styles.select}
      popupMatchSelectWidth={false}
      aria-label={label}
      open={open}
      value={value}
      options={[...options]}
      showSearch={options.length > 8 ? { optionFilterProp: 'label' } : false}
      onOpenChange={(next) => {
        setOpen(next);
        if (!next) close();
      }}
      onSelect={pick}
      onInputKeyDown={(event) => event.key === 'Escape' && close()}
    />
  );
}

/** One of a few named values. */
export function ChoiceEditor({
  editor,
  set,
  ...props
}: EditorProps<Extract<Editor, { as: 'choice' }>, string>) {
  return <PickedEditor {...props} options={editor.options} pick={set} />;
}

/** A colour of the brand. */
export function ColourEditor({ set, ...props }: EditorProps<Extract<Editor, { as: 'colour' }>, string>) {
  const roles = colourRoles.map((role) => ({
    value: role as string,
    label: colourRoleLabels[role] as string,
  }));
  return <PickedEditor {...props} options={[...roles, { value: 'none', label: 'none' }]} pick={set} />;
}

/** A menu, a drawer or artwork, or none; a new one can be made on the spot. */
export function ReferenceEditor({
  editor,
  value,
  options,
  makeLabel,
  make,
  set,
  ...props
}: EditorProps<Extract<Editor, { as: 'reference' }>, string | null>) {
  const label = makeLabel(editor.to);
  const offered = [
    { value: NONE, label: 'none' },
    ...options(editor.to),
    ...(label ? [{ value: MAKE, label }] : []),
  ];
  const pick = (picked: string) => (picked === MAKE ? make() : set(picked === NONE ? null : picked));
  return <PickedEditor {...props} value={value ?? NONE} options={offered} pick={pick} />;
}

/** A page of the site, or an address that is typed. */
export function LinkEditor({
  value,
  set,
  options,
  close,
  label,
}: Pick<EditorProps<Editor, Link>, 'value' | 'set' | 'options' | 'close' | 'label'>) {
  const [typed, setTyped] = useState('');
  const pages = options('pages');
  const address = typed.includes(':') ? [{ value: typed, label: `${typed} (address)` }] : [];
  const current = value.to === 'page' ? value.page : value.to === 'address' ? value.address : NONE;
  const known =
    value.to === 'address' && typed === '' ? [{ value: value.address, label: value.address }] : [];
  const [problem, setProblem] = useState<string | null>(null);
  const pick = (picked: string) => {
    if (picked === NONE) return set({ to: 'nothing' });
    if (pages.some((page) => page.value === picked)) return set({ to: 'page', page: picked });
    return set({ to: 'address', address: picked });
  };
  return (
    <span className={styles.editor}>
      <Select
        autoFocus
        defaultOpen
        size="small"
        className={styles.select}
        popupMatchSelectWidth={false}
        aria-label={label}
        value={current}
        showSearch={{
          optionFilterProp: 'label',
          onSearch: (text) => {
            setTyped(text.trim());
            setProblem(null);
          },
        }}
        options={[{ value: NONE, label: 'nowhere' }, ...known, ...address, ...pages]}
        notFoundContent="No such page. Type a full address, such as https://…"
        onSelect={(picked: string) => {
          const refused = address.some((each) => each.value === picked) ? addressProblem(picked) : null;
          setProblem(refused ?? pick(picked));
          if (!refused) close();
        }}
        onBlur={() => close()}
      />
      {problem !== null && (
        <span role="alert" className={styles.problem}>
          {problem}
        </span>
      )}
    </span>
  );
}
