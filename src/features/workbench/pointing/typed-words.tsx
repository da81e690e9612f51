'use client';

import { useRef, useState, type CSSProperties } from 'react';
import { useEdit } from '@/client/open-site-context';
import type { WordsAt } from '@/core/pointing/words-at';
import type { FrameBox } from '@/frame/messages';
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
  // What is typed while the views still take over what came before is said once, as it is then.
  const pending = useRef<{ text: string; timer: ReturnType<typeof setTimeout> } | null>(null);
  const take = () => {
    const { current } = pending;
    pending.current = null;
    clearTimeout(current?.timer);
    if (current) say(current.text);
  };
  const type = (text: string) => {
    if (pending.current) pending.current.text = text;
    else pending.current = { text, timer: setTimeout(take) };
  };
  const done = () => {
    take();
    onDone();
  };
  const back = () => {
    clearTimeout(pending.current?.timer);
    pending.current = null;
    if (changed.current) say(words.own);
    onDone();
  };
  return (
    <div
      className={styles.typing}
      style={{ '--stands-at': `${box.x * scale}px`, insetBlockStart: box.y * scale } as CSSProperties}
    >
      <div className={styles.typedWithin}>
        <input
          aria-label={`${words.what}, typed in the view`}
          className={styles.typedWords}
          defaultValue={words.text}
          autoFocus
          onFocus={(event) => event.currentTarget.select()}
          onChange={(event) => type(event.currentTarget.value)}
          onBlur={done}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === 'Escape') back();
            if (event.key === 'Enter' && said === null) done();
          }}
        />
        {said !== null && (
          <b role="alert" className={styles.reason}>
            {said}
          </b>
        )}
      </div>
    </div>
  );
}
