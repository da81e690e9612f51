'use client';

import { Button } from 'antd';
import hljs from 'highlight.js/lib/core';
import css from 'highlight.js/lib/languages/css';
import javascript from 'highlight.js/lib/languages/javascript';
import html from 'highlight.js/lib/languages/xml';
import { useMemo } from 'react';
import styles from './code.module.css';

hljs.registerLanguage('css', css);
hljs.registerLanguage('javascript', javascript);
hljs.registerLanguage('html', html);

/** Texts longer than this are shown as they are, in characters: to mark their words would keep the screen waiting. */
const MOST_MARKED = 200_000;

interface CodeProps {
  /** What it is the code of. */
  name: string;
  /** `html`, `css` or `javascript`; any other is shown as it is. */
  language: string;
  text: string;
}

/** Code to read and to copy, its words marked by what they are. */
export function Code({ name, language, text }: CodeProps) {
  const marked = useMemo(
    () =>
      hljs.getLanguage(language) && text.length < MOST_MARKED
        ? { __html: hljs.highlight(text, { language }).value }
        : null,
    [language, text],
  );
  const shared = {
    className: `figures ${styles.code}`,
    role: 'region',
    tabIndex: 0,
    'aria-label': `Code of ${name}`,
  };
  return (
    <div className={styles.whole}>
      <div className={styles.head}>
        <h2 className="figures">{name}</h2>
        <Button size="small" onClick={() => void navigator.clipboard.writeText(text)}>
          Copy
        </Button>
      </div>
      {marked ? <pre {...shared} dangerouslySetInnerHTML={marked} /> : <pre {...shared}>{text}</pre>}
    </div>
  );
}
