'use client';

import { Select } from 'antd';
import { useMemo, useRef, useState, type ReactNode } from 'react';
import { hexOf, readColour } from '@/core/colour/read-colour';
import { iconNames, iconWords } from '@/core/icons/icons';
import type { Editor } from '@/core/properties/kinds/kind';
import { ContrastFigure } from '../../contrast-figure';
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
  /** How legible texts are with it. */
  ratio?: number | null;
}

function entry({ label, swatch, sign, ratio = null }: PickedOption): ReactNode {
  return (
    <span className={styles.entry}>
      {swatch && <span className={styles.swatch} style={{ background: swatch }} />}
      {sign}
      {label}
      {ratio !== null && (
        <span className={styles.ratio}>
          <ContrastFigure ratio={ratio} />
        </span>
      )}
    </span>
  );
}

/** A list that stands open at once and closes the cell when a value is picked; a refusal is said below it. */
function PickedEditor({
  label,
  value,
  options,
  typed,
  below,
  pick,
  close,
}: {
  label: string;
  value: string;
  options: readonly PickedOption[];
  /** What a text means that is none of the options. */
  typed?: ((text: string) => PickedOption | null) | undefined;
  /** Another way to choose, below the list; what it chooses is picked. */
  below?: ((pick: (value: string) => void) => ReactNode) | undefined;
  /** Gives the reason when the value is refused. */
  pick(value: string): string | null;
  close(): void;
}) {
  const [open, setOpen] = useState(true);
  const [text, setText] = useState('');
  const meant = text === '' ? null : (typed?.(text) ?? null);
  const [problem, setProblem] = useState<string | null>(null);
  /** Whether the hand is at what stands below the list, which has the focus then. */
  const beside = useRef(false);
  const leave = () => {
    if (problem === null && !beside.current) close();
  };
  const take = (picked: string) => {
    const refused = pick(picked);
    setProblem(refused);
    if (refused === null) close();
  };
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
        options={[...options, ...(meant ? [meant] : [])]}
        optionRender={({ data }) => entry(data as PickedOption)}
        showSearch={typed || options.length > 8 ? { optionFilterProp: 'label', onSearch: setText } : false}
        onOpenChange={(next) => {
          if (!beside.current) setOpen(next);
          if (!next) leave();
        }}
        onSelect={take}
        {...(below && {
          popupRender: (list: ReactNode) => (
            <>
              {list}
              <div
                onPointerDownCapture={() => (beside.current = true)}
                onBlur={() => {
                  beside.current = false;
                  leave();
                }}
              >
                {below(take)}
              </div>
            </>
          ),
        })}
        onInputKeyDown={(event) => event.key === 'Escape' && close()}
        onBlur={leave}
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
type Picked = { label: string; close(): void };

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

/** What stands before the CSS of a colour that is typed; no id holds it. */
const NEW_COLOUR = 'new ';

/** A colour that was typed where it is needed: it gets a name in the brand in the same step. */
function typedColour(text: string): PickedOption | null {
  const reading = readColour(text);
  return reading.ok
    ? {
        value: `${NEW_COLOUR}${reading.css}`,
        label: `${text.trim()}, into the brand`,
        swatch: reading.css,
      }
    : null;
}

/** The colour picker of the platform. The picked colour counts when the picker is left, not while it is moved over others. */
function colourField(start: string, pick: (value: string) => void): ReactNode {
  return (
    <label className={styles.field}>
      pick another
      <input
        type="color"
        defaultValue={start}
        ref={(field) => {
          const changed = () => field && pick(`${NEW_COLOUR}${field.value}`);
          field?.addEventListener('change', changed);
          return () => field?.removeEventListener('change', changed);
        }}
      />
    </label>
  );
}

/** A colour of the brand, or none; where the value may be left open, also neither. One that is typed comes into the brand. */
export function ColourEditor({
  editor,
  value,
  set,
  bring,
  label,
  close,
  source,
  contrast,
}: EditorProps<Extract<Editor, { as: 'colour' }>, string | null>) {
  // The figures are those of when the list was opened.
  const [ratioOf] = useState(contrast);
  const options = useMemo(
    () =>
      [...source.options('colours'), { value: 'none', label: 'none' }].map((each): PickedOption => ({
        ...each,
        ratio: ratioOf?.(each.value) ?? null,
      })),
    [source, ratioOf],
  );
  const start = hexOf(options.find((each) => each.value === value)?.swatch ?? '');
  const pick = (picked: string | null) =>
    picked?.startsWith(NEW_COLOUR)
      ? bring({ is: 'colour', css: picked.slice(NEW_COLOUR.length) })
      : set(picked);
  const own = { typed: typedColour, below: (take: (picked: string) => void) => colourField(start, take) };
  if (editor.open === undefined)
    return <PickedEditor {...{ label, close, options, pick }} {...own} value={value ?? NONE} />;
  return <OpenEditor {...{ label, close, value, options }} {...own} none={editor.open} set={pick} />;
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
  typed?: (text: string) => PickedOption | null;
  below?: (pick: (value: string) => void) => ReactNode;
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
    label: iconWords(name),
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
