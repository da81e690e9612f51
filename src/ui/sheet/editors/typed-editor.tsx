'use client';

import { Input } from 'antd';
import { useState, type KeyboardEvent } from 'react';
import { lengthText, readAnyLength, type Length } from '@/core/lengths/formula';
import { plainNumber, readLength } from '@/core/lengths/length';
import { cornersText, readCorners, type Corners } from '@/core/properties/kinds/corners';
import { divisionText, readDivision, type Division } from '@/core/properties/kinds/division';
import type { Editor } from '@/core/properties/kinds/kind';
import { readWords, typedWords, type Words } from '@/core/properties/kinds/words';
import { flushSync } from 'react-dom';
import type { Way } from '../cell-focus';
import { steppedText } from '../stepped-text';
import type { EditorProps } from './editor-props';
import styles from '../sheet.module.css';

type Reading = { ok: true; value: unknown } | { ok: false; reason: string };

/** Values to take instead of typing them. */
interface Offers {
  label: string;
  values: readonly string[];
}

/** By how much arrows step a number in the text, and with Shift. */
interface Steps {
  by: number;
  shift: number;
}
const wholeSteps: Steps = { by: 1, shift: 10 };

/**
 * A line that is typed. Each understood keystroke is the new value. One that is not says why, and puts back the value that stood
 * there before: what is refused changes nothing, and the line stays with the reason until it is right or Escape is pressed.
 */
function TypedEditor({
  label,
  start,
  placeholder,
  offers,
  steps,
  read,
  set,
  back,
  close,
}: {
  label: string;
  start: string;
  placeholder?: string;
  offers?: Offers;
  steps?: Steps;
  read(text: string): Reading;
  set(value: unknown): string | null;
  back(): void;
  close(way?: Way): void;
}) {
  const [text, setText] = useState(start);
  const [problem, setProblem] = useState<string | null>(null);
  const type = (next: string) => {
    setText(next);
    const reading = read(next);
    const refused = reading.ok ? set(reading.value) : reading.reason;
    if (refused !== null) back();
    setProblem(refused);
  };
  const leave = (event: KeyboardEvent, way: Way) => {
    if (problem !== null) return;
    event.preventDefault();
    close(way);
  };
  const step = (event: KeyboardEvent<HTMLInputElement>, direction: 1 | -1) => {
    const field = event.currentTarget;
    const by = direction * (event.shiftKey ? steps!.shift : steps!.by);
    const stepped = steppedText(text, field.selectionEnd ?? text.length, by);
    event.preventDefault();
    if (!stepped) return;
    flushSync(() => type(stepped.text));
    field.setSelectionRange(stepped.caret, stepped.caret);
  };
  const press = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') leave(event, 'down');
    if (event.key === 'Tab') leave(event, event.shiftKey ? 'left' : 'right');
    if (event.key === 'Escape') {
      back();
      close();
    }
    if (steps && event.key === 'ArrowUp') step(event, 1);
    if (steps && event.key === 'ArrowDown') step(event, -1);
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
        onBlur={() => problem === null && close()}
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
  return { label: `steps of ${plainNumber(step)} px`, values: lengths.map(plainNumber) };
}

/** A reading of nothing, where a value may be left open. */
function openOr(editor: Editor, read: (text: string) => Reading): (text: string) => Reading {
  return (text) => (editor.open !== undefined && text.trim() === '' ? { ok: true, value: null } : read(text));
}

/** A length that is the same at every width, in px, rem or steps. */
export function PixelsEditor({
  value,
  editor,
  source,
  ...props
}: EditorProps<Extract<Editor, { as: 'pixels' }>, number | null>) {
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
      steps={wholeSteps}
      read={openOr(editor, read)}
      set={(next) => props.set(next as number | null)}
    />
  );
}

/** A length of any form: the same at every width, fluid between two, or put together. */
export function LengthEditor({
  value,
  editor,
  source,
  ...props
}: EditorProps<Extract<Editor, { as: 'length' }>, Length | null>) {
  const read = (text: string): Reading => {
    const reading = readAnyLength(text, source.step);
    return reading.ok ? { ok: true, value: reading.length } : reading;
  };
  return (
    <TypedEditor
      {...props}
      start={value === null ? '' : typeof value === 'number' ? plainNumber(value) : lengthText(value)}
      {...(editor.open ? { placeholder: editor.open } : {})}
      offers={stepOffers(source.step, editor.least, editor.most)}
      steps={wholeSteps}
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
      // What only goes from one small number to another is stepped by tenths, unless there are no parts of it.
      steps={editor.whole || editor.most - editor.least > 5 ? wholeSteps : { by: 0.1, shift: 1 }}
      read={openOr(editor, read)}
      set={(next) => props.set(next as number | null)}
    />
  );
}

/** Divisions that are offered beside typing one. */
const divisionOffers: Offers = {
  label: 'such as',
  values: ['edges', 'stacked', '1 : 1', '1 : 2', '1 : 3', '3 : 1', '1 : 1 : 1', '2 : 1 : 1 : 1'],
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
      steps={wholeSteps}
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
      steps={wholeSteps}
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
