'use client';

import { Input } from 'antd';
import { useState } from 'react';

/** A text in a table that is edited in place. Enter or leaving keeps it, Escape does not; a refusal is said below it. */
export function TextCell({
  label,
  text,
  placeholder,
  keep,
}: {
  label: string;
  text: string;
  placeholder?: string;
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
  return (
    <>
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
          if (event.key === 'Enter') end();
          if (event.key === 'Escape') {
            setTyped(null);
            setReason(null);
          }
        }}
      />
      {reason !== null && (
        <span role="alert" style={{ color: 'var(--brick)' }}>
          {reason}
        </span>
      )}
    </>
  );
}
