'use client';

import { PlusOutlined } from '@ant-design/icons';
import { useDroppable } from '@dnd-kit/core';
import { useState, type ReactNode } from 'react';
import styles from './plan.module.css';

interface BayProps {
  bar: string;
  barName: string;
  bay: string;
  /** What the bay is called in its bar, such as `start`. */
  name: string;
  selected: boolean;
  children: ReactNode;
  /** Whether a new piece is carried, that can be dropped here. */
  carried: boolean;
  onSelect(): void;
  /** Asks which piece to add. */
  onAsk(): void;
  /** The carried piece was dropped here. */
  onDropped(): void;
}

/** A bay of a bar in the plan: pieces are dropped on it, and put in by its plus. */
export function Bay({ bar, barName, bay, name, selected, children, carried, ...on }: BayProps) {
  const { setNodeRef, isOver } = useDroppable({ id: `${bar}/${bay}`, data: { bar, bay } });
  const [carriedOver, setCarriedOver] = useState(false);
  const over = isOver || (carried && carriedOver);
  return (
    <div
      ref={setNodeRef}
      className={`${styles.bay} ${over ? styles.bayOver : ''} ${selected ? styles.baySelected : ''}`}
      role="group"
      aria-label={`${barName}, ${name}`}
      onDragOver={(event) => {
        if (!carried) return;
        event.preventDefault();
        setCarriedOver(true);
      }}
      onDragLeave={() => setCarriedOver(false)}
      onDrop={(event) => {
        if (!carried) return;
        event.preventDefault();
        on.onDropped();
      }}
    >
      <div className={styles.bayHead}>
        <button
          type="button"
          className="plain"
          aria-pressed={selected}
          aria-label={`Bay: ${barName}, ${name}`}
          onClick={on.onSelect}
        >
          {name}
        </button>
        <button
          type="button"
          className={styles.add}
          aria-label={`Add a piece: ${barName}, ${name}`}
          aria-haspopup="dialog"
          onClick={on.onAsk}
        >
          <PlusOutlined aria-hidden="true" />
        </button>
      </div>
      <div className={styles.chips}>{children}</div>
    </div>
  );
}
