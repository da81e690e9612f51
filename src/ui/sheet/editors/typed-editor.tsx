'use client';

import { Input } from 'antd';
import { useState, type KeyboardEvent } from 'react';
import { plainNumber, readLength } from '@/core/lengths/length';
import type { Editor } from '@/core/properties/kinds/kind';
import type { EditorProps } from './editor-props';
import styles from '../sheet.module.css';

type Reading = { ok: true; value: unknown } | { ok: false; reason: string };

/** A line that is typed; each understood keystroke is the new value, a misunderstood one says why. */
function TypedEditor({
  label,
  start,
  placeholder,
  read,
  set,
  close,
}: {
  label: string;
  start: string;
  placeholder?: string;
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
      {problem !== null && (
        <span role="alert" className={styles.problem}>
          {problem}
        </span>
      )}
    </span>
  );
}

/** A length in px or rem. */
export function LengthEditor({ value, ...props }: EditorProps<Extract<Editor, { as: 'length' }>, number>) {
  const read = (text: string): Reading => {
    const reading = readLength(text);
    return reading.ok ? { ok: true, value: reading.px } : reading;
  };
  return (
    <TypedEditor
      {...props}
      start={plainNumber(value)}
      read={read}
      set={(next) => props.set(next as number)}
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
