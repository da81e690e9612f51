'use client';

import { RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { Button, Tooltip } from 'antd';
import { useEffect } from 'react';
import { useOpenSite } from '@/client/open-site-context';
import { inField } from '@/ui/in-field';

const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

/** Undo and redo, as buttons and as keys (Ctrl or Cmd with Z, with Shift to redo). */
export function HistoryButtons() {
  const undo = useOpenSite((open) => open.undo);
  const redo = useOpenSite((open) => open.redo);
  const step = useOpenSite((open) => open.step);

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || inField(event.target))
        return;
      event.preventDefault();
      void step(event.shiftKey ? 'redo' : 'undo');
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [step]);

  return (
    <span>
      <Tooltip title={undo ? `Undo: ${lowerFirst(undo)}` : 'Nothing to undo'}>
        <Button
          type="text"
          aria-label="Undo"
          icon={<UndoOutlined />}
          disabled={!undo}
          onClick={() => void step('undo')}
        />
      </Tooltip>
      <Tooltip title={redo ? `Redo: ${lowerFirst(redo)}` : 'Nothing to redo'}>
        <Button
          type="text"
          aria-label="Redo"
          icon={<RedoOutlined />}
          disabled={!redo}
          onClick={() => void step('redo')}
        />
      </Tooltip>
    </span>
  );
}
