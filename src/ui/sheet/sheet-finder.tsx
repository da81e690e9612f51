import { Checkbox, Input } from 'antd';
import { useEffect, useRef, type ReactNode } from 'react';
import { inField } from '../in-field';
import type { Looking } from './found-groups';
import styles from './sheet.module.css';

/** What is looked for in a sheet; the key “/” leads here from anywhere but fields and cells, which take it as text. */
export function SheetFinder({
  looking,
  onLook,
  children,
}: {
  looking: Looking;
  onLook(looking: Looking): void;
  /** What else is done with the sheet. */
  children: ReactNode;
}) {
  const field = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const find = (event: KeyboardEvent) => {
      const written = inField(event.target) || (event.target as HTMLElement).closest?.('[data-cell]');
      if (event.key !== '/' || written || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      field.current?.querySelector('input')?.focus();
    };
    window.addEventListener('keydown', find);
    return () => window.removeEventListener('keydown', find);
  }, []);
  return (
    <div ref={field} className={styles.finder}>
      <Input
        size="small"
        allowClear
        aria-label="Find a row of the sheet"
        placeholder="Find a row  /"
        value={looking.text}
        onChange={({ target }) => onLook({ ...looking, text: target.value })}
        onKeyDown={(event) => event.key === 'Escape' && onLook({ ...looking, text: '' })}
      />
      <Checkbox
        checked={looking.onlySet}
        onChange={({ target }) => onLook({ ...looking, onlySet: target.checked })}
      >
        only what is set
      </Checkbox>
      {children}
    </div>
  );
}
