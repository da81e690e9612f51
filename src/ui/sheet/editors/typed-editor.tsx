'use client';

import { Input } from 'antd';
import { useState, type KeyboardEvent } from 'react';
import { lengthText, readFluid, type Length } from '@/core/lengths/fluid';
import { plainNumber, readLength } from '@/core/lengths/length';
import { cornersText, readCorners, type Corners } from '@/core/properties/kinds/corners';
import { divisionText, readDivision, type Division } from '@/core/properties/kinds/division';
import type { Editor } from '@/core/properties/kinds/kind';
import { readWords, typedWords, type Words } from '@/core/properties/kinds/words';
import type { EditorProps } from './editor-props';
import styles from '../sheet.module.css';

type Reading = { ok: true; value: unknown } | { ok: false; reason: string };

/** Values to take instead of typing them. */
interface Offers {
  label: string;
  values: readonly string[];
  /** The value above or below what is typed; null when there is none. */
  beside(text: string, direction: 1 | -1): string | null;
}

/** A line that is typed; each understood keystroke is the new value, a misunderstood one says why. */
function TypedEditor({
  label,
  start,
  placeholder,
  offers,
  read,
  set,
  close,
}: {
  label: string;
  start: string;
  placeholder?: string;
  offers?: Offers;
  read(text: string): Reading;
  set(value: unknown): string | null;
  close(back?: boolean): void;
}) {
  const [text, setText] = useState(start);
  const [problem, setProblem] = useState<string | null>(null);
  const type = (next: string) => {
    setText(next);
    const reading = read(next);
    setProblem(reading.ok ? set(reading.value) : reading.reason);
  };
  const press = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && problem === null) close();
    if (event.key === 'Escape') close(true);
    if (offers && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      const next = offers.beside(text, event.key === 'ArrowUp' ? 1 : -1);
      if (next !== null) type(next);
      event.preventDefault();
    }
  };
  return (
    <span className={styles.editor}>
      <Input
        autoFocus
        size="small"
        value={text}
        aria-label={label}
        aria-invalid={problem !== null}
        status={problem === null ? undefined : 'error'}
        {...(placeholder ? { placeholder } : {})}
        onFocus={(event) => event.target.select()}
        onChange={(event) => type(event.target.value)}
        onKeyDown={press}
        onBlur={() => close()}
      />
      {problem !== null ? (
        <span role="alert" className={styles.problem}>
          {problem}
        </span>
      ) : (
        offers && (
          <span className={styles.offers} role="group" aria-label={offers.label}>
            <span>{offers.label}</span>
            {offers.values.map((value) => (
              <button
                key={value}
                type="button"
                className="plain figures"
                tabIndex={-1}
                // The field keeps the focus, so that leaving it does not end the editing first.
                onMouseDown={(event) => event.preventDefault()}
                onClick={() => {
                  type(value);
                  close();
                }}
              >
                {value}
              </button>
            ))}
          </span>
        )
      )}
    </span>
  );
}

/** The steps of the spacing that are offered beside typing a length. */
const OFFERED_STEPS = [0, 0.5, 1, 1.5, 2, 3, 4, 6, 8];

/** Lengths of the brand’s spacing step that lie within limits, all in CSS px. */
function stepOffers(step: number, least: number, most: number): Offers {
  const lengths = OFFERED_STEPS.map((count) => count * step).filter((px) => px >= least && px <= most);
  return {
    label: `steps of ${plainNumber(step)} px`,
    values: lengths.map(plainNumber),
    beside(text, direction) {
      const reading = readLength(text, step);
      if (!reading.ok) return null;
      const steps = reading.px / step;
      // From between two steps, the next one in that direction.
      const next = (direction > 0 ? Math.floor(steps + 1e-6) + 1 : Math.ceil(steps - 1e-6) - 1) * step;
      return next < least || next > most ? null : plainNumber(next);
    },
  };
}

/** A reading of nothing, where a value may be left open. */
function openOr(editor: Editor, read: (text: string) => Reading): (text: string) => Reading {
  return (text) => (editor.open !== undefined && text.trim() === '' ? { ok: true, value: null } : read(text));
}

/** A length in px, rem or steps. */
export function LengthEditor({
  value,
  editor,
  source,
  ...props
}: EditorProps<Extract<Editor, { as: 'length' }>, number | null>) {
  const read = (text: string): Reading => {
    const reading = readLength(text, source.step);
    return reading.ok ? { ok: true, value: reading.px } : reading;
  };
  return (
    <TypedEditor
      {...props}
      start={value === null ? '' : plainNumber(value)}
      {...(editor.open ? { placeholder: editor.open } : {})}
      offers={stepOffers(source.step, editor.least, editor.most)}
      read={openOr(editor, read)}
      set={(next) => props.set(next as number | null)}
    />
  );
}

/** A length that is the same at every width, or fluid between two. */
export function FluidEditor({
  value,
  editor,
  source,
  ...props
}: EditorProps<Extract<Editor, { as: 'fluid' }>, Length | null>) {
  const read = (text: string): Reading => {
    const reading = readFluid(text, source.step);
    return reading.ok ? { ok: true, value: reading.length } : reading;
  };
  return (
    <TypedEditor
      {...props}
      start={value === null ? '' : typeof value === 'number' ? plainNumber(value) : lengthText(value)}
      placeholder={editor.open ?? '13 px at 900, 18 px at 1440'}
      read={openOr(editor, read)}
      set={(next) => props.set(next as Length | null)}
    />
  );
}

/** A number without a unit. */
export function NumberEditor({
  value,
  editor,
  ...props
}: EditorProps<Extract<Editor, { as: 'number' }>, number | null>) {
  const read = (text: string): Reading =>
    /^-?\d*\.?\d+$/.test(text.trim())
      ? { ok: true, value: Number(text) }
      : { ok: false, reason: `“${text}” is not a number.` };
  return (
    <TypedEditor
      {...props}
      start={value === null ? '' : plainNumber(value)}
      read={openOr(editor, read)}
      set={(next) => props.set(next as number | null)}
    />
  );
}

/** Divisions that are offered beside typing one. */
const divisionOffers: Offers = {
  label: 'such as',
  values: ['edges', 'stacked', '1 : 1', '1 : 2', '1 : 3', '3 : 1', '1 : 1 : 1', '2 : 1 : 1 : 1'],
  beside: () => null,
};

/** How the bays of a bar stand: edges, stacked, or shares. */
export function DivisionEditor({
  value,
  ...props
}: EditorProps<Extract<Editor, { as: 'division' }>, Division>) {
  return (
    <TypedEditor
      {...props}
      start={divisionText(value)}
      offers={divisionOffers}
      read={readDivision}
      set={(next) => props.set(next as Division)}
    />
  );
}

/** The radii of four corners. */
export function CornersEditor({
  value,
  editor,
  ...props
}: EditorProps<Extract<Editor, { as: 'corners' }>, Corners | null>) {
  return (
    <TypedEditor
      {...props}
      start={value === null ? '' : cornersText(value)}
      placeholder="8, or 8 8 0 0"
      read={openOr(editor, readCorners)}
      set={(next) => props.set(next as Corners | null)}
    />
  );
}

/** A line of text with links in it, typed as `[words](target)`. */
export function WordsEditor({
  value,
  source,
  ...props
}: EditorProps<Extract<Editor, { as: 'words' }>, Words>) {
  return (
    <TypedEditor
      {...props}
      start={typedWords(value, source.linkValue)}
      placeholder="Text, with [words](/path) that lead somewhere"
      read={(text) => readWords(text, source.readLink)}
      set={(next) => props.set(next as Words)}
    />
  );
}

/** A line of text. */
export function TextEditor({
  value,
  editor,
  ...props
}: EditorProps<Extract<Editor, { as: 'text' }>, string>) {
  return (
    <TypedEditor
      {...props}
      start={value}
      {...(editor.placeholder ? { placeholder: editor.placeholder } : {})}
      read={(text) => ({ ok: true, value: text })}
      set={(next) => props.set(next as string)}
    />
  );
}
