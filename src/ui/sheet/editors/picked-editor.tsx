'use client';

import { Select } from 'antd';
import { useState, type ReactNode } from 'react';
import { iconNames } from '@/core/icons/icons';
import type { Editor } from '@/core/properties/kinds/kind';
import { Icon } from '../../icon';
import type { SheetOption } from '../editor-source';
import type { EditorProps } from './editor-props';
import styles from '../sheet.module.css';

/** The values of entries that stand for no target; no id holds a blank. */
const NONE = 'no target';
const MAKE = 'make one';

/** An entry of a list, with what stands for it. */
interface PickedOption extends SheetOption {
  sign?: ReactNode;
}

function entry({ label, swatch, sign }: PickedOption): ReactNode {
  return (
    <span className={styles.entry}>
      {swatch && <span className={styles.swatch} style={{ background: swatch }} />}
      {sign}
      {label}
    </span>
  );
}

/** A list that stands open at once and closes the cell when a value is picked; a refusal is said below it. */
function PickedEditor({
  label,
  value,
  options,
  pick,
  close,
}: {
  label: string;
  value: string;
  options: readonly PickedOption[];
  /** Gives the reason when the value is refused. */
  pick(value: string): string | null;
  close(back?: boolean): void;
}) {
  const [open, setOpen] = useState(true);
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <span className={styles.editor}>
      <Select
        autoFocus
        size="small"
        className={styles.select}
        popupMatchSelectWidth={false}
        aria-label={label}
        open={open}
        value={value}
        options={[...options]}
        optionRender={({ data }) => entry(data as PickedOption)}
        showSearch={options.length > 8 ? { optionFilterProp: 'label' } : false}
        onOpenChange={(next) => {
          setOpen(next);
          if (!next && problem === null) close();
        }}
        onSelect={(picked) => {
          const refused = pick(picked);
          setProblem(refused);
          if (refused === null) close();
        }}
        onInputKeyDown={(event) => event.key === 'Escape' && close()}
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

/** What every editor that picks from a list hands on. */
type Picked = { label: string; close(back?: boolean): void };

/** One of a few named values; where the value may be left open, also none of them. */
export function ChoiceEditor({
  editor,
  value,
  set,
  label,
  close,
}: EditorProps<Extract<Editor, { as: 'choice' }>, string | null>) {
  if (editor.open === undefined)
    return <PickedEditor {...{ label, close }} value={value ?? NONE} options={editor.options} pick={set} />;
  return <OpenEditor {...{ label, close, value, set }} options={editor.options} none={editor.open} />;
}

/** Yes or no; where the value may be left open, also neither. */
export function FlagEditor({
  editor,
  value,
  set,
  label,
  close,
}: EditorProps<Extract<Editor, { as: 'flag' }>, boolean | null>) {
  const options = [
    { value: 'no', label: editor.no },
    { value: 'yes', label: editor.yes },
  ];
  const current = value === null ? null : value ? 'yes' : 'no';
  const pick = (picked: string | null) => set(picked === null ? null : picked === 'yes');
  if (editor.open === undefined)
    return <PickedEditor {...{ label, close, options, pick }} value={current ?? NONE} />;
  return <OpenEditor {...{ label, close, options }} value={current} none={editor.open} set={pick} />;
}

/** A colour of the brand, or none; where the value may be left open, also neither. */
export function ColourEditor({
  editor,
  value,
  set,
  label,
  close,
  source,
}: EditorProps<Extract<Editor, { as: 'colour' }>, string | null>) {
  const options = [...source.options('colours'), { value: 'none', label: 'none' }];
  if (editor.open === undefined)
    return <PickedEditor {...{ label, close, options }} value={value ?? NONE} pick={set} />;
  return <OpenEditor {...{ label, close, value, options, set }} none={editor.open} />;
}

/** A font family, shipped or uploaded. */
export function FamilyEditor({
  value,
  set,
  label,
  close,
  source,
}: EditorProps<Extract<Editor, { as: 'family' }>, string>) {
  return <PickedEditor {...{ label, close, value }} options={source.families()} pick={set} />;
}

/** A value that may be none, beside the ones that are offered. */
function OpenEditor({
  value,
  none,
  options,
  set,
  ...props
}: Picked & {
  value: string | null;
  none: string;
  options: readonly PickedOption[];
  set(value: string | null): string | null;
}) {
  return (
    <PickedEditor
      {...props}
      value={value ?? NONE}
      options={[{ value: NONE, label: none }, ...options]}
      pick={(picked) => set(picked === NONE ? null : picked)}
    />
  );
}

/** A sign of the shipped set, or none. */
export function IconEditor({
  value,
  set,
  label,
  close,
}: EditorProps<Extract<Editor, { as: 'icon' }>, string | null>) {
  const options = iconNames.map((name) => ({
    value: name as string,
    label: name.replaceAll('-', ' '),
    sign: <Icon name={name} />,
  }));
  return <OpenEditor {...{ label, close, value, options, set }} none="none" />;
}

/** A part of the site or its brand; where the value may be left open, also none; a new one can be made on the spot. */
export function ReferenceEditor({
  editor,
  value,
  source,
  makeLabel,
  make,
  set,
  label,
  close,
}: EditorProps<Extract<Editor, { as: 'reference' }>, string | null>) {
  const making = makeLabel(editor.to);
  const options = [...source.options(editor.to), ...(making ? [{ value: MAKE, label: making }] : [])];
  const pick = (picked: string | null) => {
    if (picked !== MAKE) return set(picked);
    make(editor.to);
    return null;
  };
  if (editor.open === undefined)
    return <PickedEditor {...{ label, close, options, pick }} value={value ?? NONE} />;
  return <OpenEditor {...{ label, close, value, options }} none={editor.open} set={pick} />;
}
