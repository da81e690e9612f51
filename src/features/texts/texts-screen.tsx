'use client';

import { Button, Input, Segmented } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import { writeWordingCsv } from '@/core/formats/wording/csv';
import { slug } from '@/core/render/names';
import { languageName } from '@/core/site/language';
import type { Site } from '@/core/site/site';
import {
  isMissing,
  saidIn,
  wordingOf,
  wordingSources,
  type WordingRow,
  type WordingSource,
} from '@/core/wording/wording';
import { LongTable, type LongColumn } from '@/ui/table/long-table';
import { TextCell } from '@/ui/table/text-cell';
import { Hint } from '../hints/hint';
import { saveText } from '../reading/save-text';
import { Screen } from '../shell/screen';
import { ReadWording } from './read-wording';
import styles from './texts.module.css';

/** Which texts are shown: those of one source, all of them, or those that a language lacks. */
type Shown = WordingSource | 'all' | 'missing';

function holds(site: Site, row: WordingRow, words: string): boolean {
  const texts = [row.of, row.what, row.first, ...Object.values(row.others)];
  return [...texts, ...site.languages.map((each) => row.instead(each))].some((text) =>
    text.toLowerCase().includes(words),
  );
}

/** How many texts each language lacks, in words. */
function missingWords(site: Site, rows: readonly WordingRow[]): string {
  const others = site.languages.slice(1);
  const lacking = others
    .map((language) => ({ language, count: rows.filter((row) => isMissing(site, row, language)).length }))
    .filter(({ count }) => count > 0);
  if (others.length === 0) return '';
  if (lacking.length === 0) return 'Every text stands in every language.';
  return `Not said yet: ${lacking
    .map(
      ({ language, count }) => `${count === 1 ? 'one text' : `${count} texts`} in ${languageName(language)}`,
    )
    .join(', ')}.`;
}

/** Words that end in dots where their column is too narrow for them. */
const cut = (words: string) => (
  <span className={styles.cut} title={words}>
    {words}
  </span>
);

/** All texts that visitors read or hear, in the site’s languages beside each other. */
export function TextsScreen() {
  const site = useSite();
  const edit = useEdit();
  const [shown, setShown] = useState<Shown>('all');
  const [filter, setFilter] = useState('');
  const [reading, setReading] = useState(false);
  const later = useDeferredValue(filter).trim().toLowerCase();
  const all = useMemo(() => wordingOf(site), [site]);
  const rows = useMemo(() => {
    const wanted = (row: WordingRow) =>
      shown === 'all' ||
      (shown === 'missing'
        ? site.languages.some((each) => isMissing(site, row, each))
        : row.source === shown);
    return all.filter((row) => wanted(row) && (later === '' || holds(site, row, later)));
  }, [site, all, shown, later]);

  const columns: LongColumn<WordingRow>[] = [
    { key: 'of', label: 'Where', width: '30%', cell: ({ of }) => cut(of) },
    { key: 'what', label: 'Text', width: '14%', cell: ({ what }) => cut(what) },
    ...site.languages.map((language): LongColumn<WordingRow> => ({
      key: language,
      label: languageName(language),
      lang: language,
      cell: (row) => (
        <>
          <TextCell
            label={`${row.of}, ${row.what}, in ${languageName(language)}`}
            text={saidIn(site, row, language)}
            placeholder={row.instead(language)}
            keep={(text) => {
              const said = row.say(language, text);
              return typeof said === 'string' ? said : edit([said]);
            }}
          />
          {isMissing(site, row, language) && <b className={styles.missing}>not said</b>}
        </>
      ),
    })),
  ];
  const choices: { value: Shown; label: string }[] = [
    { value: 'all', label: 'All' },
    ...Object.entries(wordingSources).map(([value, label]) => ({ value: value as Shown, label })),
    ...(site.languages.length > 1 ? [{ value: 'missing' as const, label: 'Not said yet' }] : []),
  ];
  return (
    <Screen here="texts">
      <div className={styles.page}>
        <Hint of="texts" />
        <div className={styles.head}>
          <h2>{rows.length === 1 ? 'One text' : `${rows.length} texts`}</h2>
          <Input
            allowClear
            className={styles.filter}
            value={filter}
            placeholder="Find in texts"
            aria-label="Find texts"
            onChange={(event) => setFilter(event.target.value)}
          />
          <span className="quiet" role="status">
            {missingWords(site, all)}
          </span>
          <span className={styles.actions}>
            <Button
              onClick={() =>
                saveText(`${slug(site.name, 'site')}-texts.csv`, writeWordingCsv(site), 'text/csv')
              }
            >
              Write out as CSV
            </Button>
            <Button onClick={() => setReading(true)}>Read texts…</Button>
          </span>
        </div>
        <Segmented
          className={styles.sources}
          size="small"
          aria-label="Texts that are shown"
          value={shown}
          options={choices}
          onChange={setShown}
        />
        {rows.length === 0 ? (
          <p className="quiet">
            {later !== ''
              ? `No text here has “${later}” in it.`
              : shown === 'missing'
                ? 'Every text stands in every language.'
                : 'There are no such texts yet.'}
          </p>
        ) : (
          <LongTable label="Texts" rows={rows} keyOf={({ key }) => key} columns={columns} />
        )}
        {site.languages.length === 1 && (
          <p className="quiet">
            The site has one language, {languageName(site.languages[0]!)}. More are added under Pages; each
            gets a column here.
          </p>
        )}
      </div>
      {reading && <ReadWording onClose={() => setReading(false)} />}
    </Screen>
  );
}
