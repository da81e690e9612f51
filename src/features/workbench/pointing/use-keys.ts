import { useEffect } from 'react';
import type { Step } from '@/core/pointing/steps';
import { inField } from '@/ui/in-field';
import type { Direction } from '../plan/move';

/** What a key does with what is selected: goes on from it, moves it, or asks why it is as it is. */
export type KeyAction =
  { does: 'step'; step: Step } | { does: 'move'; direction: Direction } | { does: 'why' };

const actions: Readonly<Record<string, KeyAction>> = {
  'Alt+ArrowUp': { does: 'step', step: 'out' },
  'Alt+ArrowDown': { does: 'step', step: 'in' },
  'Alt+ArrowLeft': { does: 'step', step: 'before' },
  'Alt+ArrowRight': { does: 'step', step: 'behind' },
  'Alt+Shift+ArrowUp': { does: 'move', direction: 'up' },
  'Alt+Shift+ArrowDown': { does: 'move', direction: 'down' },
  'Alt+Shift+ArrowLeft': { does: 'move', direction: 'left' },
  'Alt+Shift+ArrowRight': { does: 'move', direction: 'right' },
  '?': { does: 'why' },
};

/** The keys that views hand on, as a frame names them (src/frame/clicked.ts). */
export const handedKeys: readonly string[] = Object.keys(actions);

/** What a key does, by the name that a frame has for it. */
export const keyAction = (combo: string): KeyAction | undefined => actions[combo];

/** A pressed key by the name that a frame has for it. */
const comboOf = ({ altKey, shiftKey, key }: KeyboardEvent) =>
  `${altKey ? `Alt+${shiftKey ? 'Shift+' : ''}` : ''}${key}`;

/** Listens to the keys that do something with what is selected, wherever the focus is but in fields; `first` has a say before what has the focus. */
export function useKeys(act: (action: KeyAction) => void, first: (action: KeyAction) => boolean): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const action = keyAction(comboOf(event));
      if (action === undefined || event.defaultPrevented || inField(event.target)) return;
      if (event.eventPhase === Event.CAPTURING_PHASE && !first(action)) return;
      event.preventDefault();
      event.stopPropagation();
      act(action);
    };
    window.addEventListener('keydown', press, true);
    window.addEventListener('keydown', press);
    return () => {
      window.removeEventListener('keydown', press, true);
      window.removeEventListener('keydown', press);
    };
  }, [act, first]);
}
