'use client';

import { useRef, useState } from 'react';
import { useEdit } from '@/client/open-site-context';
import type { WordsAt } from '@/core/pointing/words-at';
import type { FrameBox } from '@/ui/preview/preview-frame';
import styles from './pointing.module.css';

interface TypedWordsProps {
  words: WordsAt;
  /** Where the text stands, in CSS px of the page. */
  box: FrameBox;
  scale: number;
  onDone(): void;
}

let gestures = 0;

/** A text that is typed where it stands: all views show it at once; Enter keeps it, Escape takes it back. */
export function TypedWords({ words, box, scale, onDone }: TypedWordsProps) {
  const edit = useEdit();
  const [gesture] = useState(() => `words-${Date.now()}-${(gestures += 1)}`);
  const [said, setSaid] = useState<string | null>(null);
  const changed = useRef(false);
  const say = (text: string) => {
    const wanted = words.say(text);
    const refused = typeof wanted === 'string' ? wanted : edit([wanted], gesture);
    setSaid(refused);
    changed.current ||= refused === null;
  };
  const back = () => {
    if (changed.current) say(words.own);
    onDone();
  };
  return (
    <div
      className={styles.typing}
      style={{ insetInlineStart: box.x * scale, insetBlockStart: box.y * scale }}
    >
      <input
        aria-label={`${words.what}, typed in the view`}
        className={styles.typedWords}
        defaultValue={words.text}
        autoFocus
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => say(event.currentTarget.value)}
        onBlur={onDone}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Escape') back();
          if (event.key === 'Enter' && said === null) onDone();
        }}
      />
      {said !== null && (
        <b role="alert" className={styles.reason}>
          {said}
        </b>
      )}
    </div>
  );
}
