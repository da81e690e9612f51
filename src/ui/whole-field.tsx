'use client';

import { InputNumber } from 'antd';
import { useRef } from 'react';

interface WholeFieldProps {
  label: string;
  value: number;
  least: number;
  most: number;
  /** How wide the field is, in CSS px. */
  width?: number;
  keep(value: number): void;
}

/** A whole number, kept when it was typed: on Enter, or when the field is left. */
export function WholeField({ label, value, least, most, width = 52, keep }: WholeFieldProps) {
  const typed = useRef<number | null>(null);
  const commit = () => {
    const next = typed.current;
    typed.current = null;
    if (next !== null && next !== value) keep(next);
  };
  return (
    <InputNumber<number>
      size="small"
      style={{ inlineSize: width }}
      aria-label={label}
      key={value}
      defaultValue={value}
      min={least}
      max={most}
      precision={0}
      controls={false}
      onChange={(next) => (typed.current = next)}
      onPressEnter={commit}
      onBlur={commit}
    />
  );
}
