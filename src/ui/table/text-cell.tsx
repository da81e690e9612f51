'use client';

import { Input } from 'antd';
import { useState } from 'react';
import styles from './table.module.css';

/** A text in a table that is edited in place. Enter or leaving keeps it, Escape does not; a refusal is said below it, and a hint while it is typed. */
export function TextCell({
  label,
  text,
  placeholder,
  hint,
  keep,
}: {
  label: string;
  text: string;
  placeholder?: string;
  /** What has to be known before the text is changed. */
  hint?: () => string | null;
  keep(text: string): string | null;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [reason, setReason] = useState<string | null>(null);
  const end = () => {
    if (typed === null) return;
    const refused = typed.trim() === text ? null : keep(typed.trim());
    setReason(refused);
    if (refused === null) setTyped(null);
  };
  if (typed === null) {
    return (
      <button
        type="button"
        className="plain"
        aria-label={`${label}: ${text || placeholder || 'empty'}`}
        onClick={() => setTyped(text)}
      >
        {text || <i className="quiet">{placeholder}</i>}
      </button>
    );
  }
  const said = hint?.() ?? null;
  return (
    <span className={styles.editor}>
      <Input
        autoFocus
        size="small"
        aria-label={label}
        value={typed}
        status={reason === null ? undefined : 'error'}
        {...(placeholder ? { placeholder } : {})}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={end}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            // What the text leads to may open a dialog, whose button must not take this key.
            event.preventDefault();
            end();
          }
          if (event.key === 'Escape') {
            setTyped(null);
            setReason(null);
          }
        }}
      />
      {reason !== null ? (
        <span role="alert" className={`${styles.below} ${styles.refusal}`}>
          {reason}
        </span>
      ) : (
        said !== null && <span className={styles.below}>{said}</span>
      )}
    </span>
  );
}
