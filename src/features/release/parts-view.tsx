'use client';

import { Select } from 'antd';
import { useCallback, useState } from 'react';
import { getParts } from '@/client/api';
import { useFetched } from '@/client/use-fetched';
import { renderedPages } from '@/core/render/files';
import { languageName } from '@/core/site/language';
import type { Site } from '@/core/site/site';
import { Code } from '@/ui/code';
import { sizeText } from '@/ui/size-text';
import styles from './release.module.css';

interface PartsViewProps {
  /** The site as it stands, or as a release has it. */
  site: Site;
  id: string;
  release: number | null;
  revision: number;
}

/** A page in its parts, to be put into pages that exist: each to read and to copy, with where it goes. */
export function PartsView({ site, id, release, revision }: PartsViewProps) {
  const pages = renderedPages(site);
  const [page, setPage] = useState(pages[0]!.id);
  const [language, setLanguage] = useState(site.languages[0]!);
  const [reading, setReading] = useState('head');
  const ask = useCallback(() => getParts(id, page, language, release), [id, page, language, release]);
  const { value, problem } = useFetched(ask, revision);
  const parts = value?.parts ?? [];
  const part = parts.find((each) => each.id === reading) ?? parts[0];
  return (
    <div className={styles.halves}>
      <section aria-label="Parts" className={styles.files}>
        <div className={styles.chosen}>
          <Select
            showSearch={{ optionFilterProp: 'label' }}
            aria-label="Page"
            className={styles.page}
            value={page}
            options={pages.map((each) => ({ value: each.id, label: `${each.title}  ${each.path}` }))}
            onChange={setPage}
          />
          {site.languages.length > 1 && (
            <Select
              aria-label="Language"
              value={language}
              options={site.languages.map((each) => ({ value: each, label: languageName(each) }))}
              onChange={setLanguage}
            />
          )}
        </div>
        {problem !== null && <p role="alert">{problem}</p>}
        <ol className={styles.parts}>
          {parts.map((each) => (
            <li key={each.id}>
              <button
                type="button"
                className={`plain ${styles.readable}`}
                aria-pressed={each.id === part?.id}
                onClick={() => setReading(each.id)}
              >
                {each.name}
              </button>
              <span className="figures quiet">{sizeText(new Blob([each.text]).size)}</span>
              <p className="quiet">{each.goes}</p>
            </li>
          ))}
        </ol>
      </section>
      <section aria-label="Code" className={styles.code}>
        {part && <Code name={part.name} language={part.language} text={part.text} />}
      </section>
    </div>
  );
}
