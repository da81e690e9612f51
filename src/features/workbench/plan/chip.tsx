'use client';

import { useDraggable, useDroppable } from '@dnd-kit/core';
import { useId, type KeyboardEvent } from 'react';
import styles from './plan.module.css';
import type { Direction } from './move';
import { HIDDEN } from './where-shown';

interface ChipProps {
  id: string;
  title: string;
  /** In which bands it is shown; left out where it is in all of them. */
  where?: string;
  selected: boolean;
  /** With `more`, what is selected already stays selected. */
  onSelect(more: boolean): void;
  onMove(direction: Direction): void;
  onRemove(): void;
}

const directions: Record<string, Direction> = {
  ArrowLeft: 'left',
  ArrowRight: 'right',
  ArrowUp: 'up',
  ArrowDown: 'down',
};

/** A piece in the plan: to select, to drag, and to move by Alt and the arrow keys. */
export function Chip({ id, title, where, selected, onSelect, onMove, onRemove }: ChipProps) {
  const said = useId();
  const drag = useDraggable({ id });
  const drop = useDroppable({ id, data: { piece: true } });
  const press = (event: KeyboardEvent) => {
    const direction = event.altKey ? directions[event.key] : undefined;
    if (direction) {
      event.preventDefault();
      onMove(direction);
    } else if (event.key === 'Delete') onRemove();
    else if (event.key === ' ' && event.ctrlKey) {
      event.preventDefault();
      onSelect(true);
    }
  };
  return (
    <button
      type="button"
      ref={(element) => {
        drag.setNodeRef(element);
        drop.setNodeRef(element);
      }}
      className={`${styles.chip} ${where === HIDDEN ? styles.chipHidden : ''} ${drop.isOver && !drag.isDragging ? styles.chipOver : ''}`}
      style={
        drag.transform
          ? {
              transform: `translate(${drag.transform.x}px, ${drag.transform.y}px)`,
              zIndex: 5,
              position: 'relative',
            }
          : undefined
      }
      aria-pressed={selected}
      aria-label={title}
      aria-describedby={where ? `${said} plan-keys` : 'plan-keys'}
      data-piece={id}
      {...drag.listeners}
      onClick={(event) => onSelect(event.shiftKey || event.ctrlKey || event.metaKey)}
      onKeyDown={press}
    >
      <span className={styles.title}>{title}</span>
      {where && (
        <span id={said} className={styles.where}>
          {where}
        </span>
      )}
    </button>
  );
}
