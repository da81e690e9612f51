'use client';

import { Input } from 'antd';
import { useState, type KeyboardEvent } from 'react';
import { steppedText } from './sheet/stepped-text';
import styles from './table/table.module.css';

interface WholeFieldProps {
  label: string;
  value: number;
  least: number;
  most: number;
  /** How wide the field is, in CSS px. */
  width?: number;
  keep(value: number): void;
}

/** A whole number, kept when it was typed: on Enter, or when the field is left. What is refused stays with the reason until it is right or Escape is pressed. */
export function WholeField({ label, value, least, most, width = 52, keep }: WholeFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const type = (text: string | null) => {
    setTyped(text);
    setProblem(null);
  };
  const commit = () => {
    if (typed === null) return;
    const next = /^\d+$/.test(typed.trim()) ? Number(typed) : NaN;
    if (next >= least && next <= most) {
      type(null);
      if (next !== value) keep(next);
    } else setProblem(`“${typed.trim()}” is not a whole number from ${least} to ${most}.`);
  };
  const press = (event: KeyboardEvent) => {
    if (event.key === 'Enter') commit();
    if (event.key === 'Escape') type(null);
    const direction = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (direction === undefined) return;
    event.preventDefault();
    const stepped = steppedText(typed ?? String(value), 0, direction * (event.shiftKey ? 10 : 1));
    if (stepped) type(stepped.text);
  };
  return (
    <span className={styles.field}>
      <Input
        size="small"
        inputMode="numeric"
        style={{ inlineSize: width }}
        aria-label={label}
        aria-invalid={problem !== null}
        status={problem === null ? undefined : 'error'}
        value={typed ?? String(value)}
        onFocus={(event) => event.target.select()}
        onChange={(event) => type(event.target.value)}
        onBlur={commit}
        onKeyDown={press}
      />
      {problem !== null && (
        <span role="alert" className={`${styles.below} ${styles.refusal}`}>
          {problem}
        </span>
      )}
    </span>
  );
}
