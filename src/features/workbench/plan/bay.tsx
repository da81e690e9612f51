'use client';

import { PlusOutlined } from '@ant-design/icons';
import { useDroppable } from '@dnd-kit/core';
import { Dropdown } from 'antd';
import type { ReactNode } from 'react';
import { pieceKindsIn } from '@/core/pieces';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import styles from './plan.module.css';

interface BayProps {
  kind: AssemblyKind;
  bar: string;
  barName: string;
  bay: string;
  /** What the bay is called in its bar, such as `start`. */
  name: string;
  selected: boolean;
  children: ReactNode;
  onSelect(): void;
  onAdd(kind: string): void;
}

/** A bay of a bar in the plan: pieces are dropped on it, and put in by its plus. */
export function Bay({ kind, bar, barName, bay, name, selected, children, onSelect, onAdd }: BayProps) {
  const { setNodeRef, isOver } = useDroppable({ id: `${bar}/${bay}`, data: { bar, bay } });
  const items = pieceKindsIn(kind).map((each) => ({ key: each.kind, label: each.label }));
  return (
    <div
      ref={setNodeRef}
      className={`${styles.bay} ${isOver ? styles.bayOver : ''} ${selected ? styles.baySelected : ''}`}
      role="group"
      aria-label={`${barName}, ${name}`}
    >
      <div className={styles.bayHead}>
        <button
          type="button"
          className="plain"
          aria-pressed={selected}
          aria-label={`Bay: ${barName}, ${name}`}
          onClick={onSelect}
        >
          {name}
        </button>
        <Dropdown
          trigger={['click']}
          menu={{ items, className: styles.kinds, onClick: ({ key }) => onAdd(key) }}
        >
          <button
            type="button"
            className={styles.add}
            aria-label={`Add a piece: ${barName}, ${name}`}
            aria-haspopup="menu"
          >
            <PlusOutlined aria-hidden="true" />
          </button>
        </Dropdown>
      </div>
      <div className={styles.chips}>{children}</div>
    </div>
  );
}
