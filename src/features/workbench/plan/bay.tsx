'use client';

import { PlusOutlined } from '@ant-design/icons';
import { useDroppable } from '@dnd-kit/core';
import { Dropdown } from 'antd';
import type { ReactNode } from 'react';
import { pieceKinds } from '@/core/pieces';
import type { EdgeBay } from '@/core/site/assembly';
import styles from './plan.module.css';

interface BayProps {
  bar: string;
  barName: string;
  bay: EdgeBay;
  children: ReactNode;
  onAdd(kind: string): void;
}

/** A bay of a bar in the plan: pieces are dropped on it, and put in by its plus. */
export function Bay({ bar, barName, bay, children, onAdd }: BayProps) {
  const { setNodeRef, isOver } = useDroppable({ id: `${bar}/${bay}`, data: { bar, bay } });
  const items = pieceKinds.map(({ kind, label }) => ({ key: kind, label }));
  return (
    <div
      ref={setNodeRef}
      className={`${styles.bay} ${isOver ? styles.bayOver : ''}`}
      role="group"
      aria-label={`${barName}, ${bay}`}
    >
      <div className={styles.bayHead}>
        <span>{bay}</span>
        <Dropdown trigger={['click']} menu={{ items, onClick: ({ key }) => onAdd(key) }}>
          <button
            type="button"
            className={styles.add}
            aria-label={`Add a piece: ${barName}, ${bay}`}
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
