'use client';

import { Select } from 'antd';
import { useMemo } from 'react';
import { useSite } from '@/client/open-site-context';
import { languageName } from '@/core/site/language';
import { pagesOf } from '@/core/site/placing';
import { type Where } from '@/core/site/placing-schema';
import type { Site } from '@/core/site/site';
import styles from './placing.module.css';

/** What pages are chosen by, with what is chosen where the kind is changed. */
const kinds: Record<Where['by'], { label: string; first(site: Site, pages: Where): Where | null }> = {
  below: {
    label: 'a page and all below',
    first: ({ pageOrder: [first] }) => (first === undefined ? null : { by: 'below', page: first }),
  },
  tag: {
    label: 'a tag',
    first: (site) => {
      const [tag] = tagsOf(site);
      return tag === undefined ? null : { by: 'tag', tag };
    },
  },
  language: {
    label: 'a language',
    first: ({ languages }) => ({ by: 'language', language: languages.at(-1)! }),
  },
  pages: {
    label: 'pages by hand',
    first: (site, before) => ({ by: 'pages', pages: pagesOf(site, before).map(({ id }) => id) }),
  },
};

const tagsOf = ({ pages }: Site): string[] => [...new Set(Object.values(pages).flatMap(({ tags }) => tags))];

/** Finds options by their label. */
const byLabel = (typed: string, option?: { label: string }) =>
  (option?.label ?? '').toLowerCase().includes(typed.toLowerCase());

/** The pages that a rule is for: by what they are chosen, and which. */
export function WhereSelect({
  name,
  where,
  choose,
}: {
  name: string;
  where: Where;
  choose(where: Where): void;
}) {
  const site = useSite();
  const pages = useMemo(
    () =>
      site.pageOrder.map((id) => ({ value: id, label: `${site.pages[id]!.title}  ${site.pages[id]!.path}` })),
    [site],
  );
  const common = { size: 'small', variant: 'borderless', popupMatchSelectWidth: false } as const;
  const which = `Which pages, ${name}`;
  return (
    <span className={styles.where}>
      <Select
        {...common}
        aria-label={`Pages by, ${name}`}
        className={styles.by}
        options={Object.entries(kinds).map(([value, { label, first }]) => ({
          value,
          label,
          disabled: first(site, where) === null,
        }))}
        value={where.by}
        onChange={(by: Where['by']) => {
          const first = kinds[by].first(site, where);
          if (first) choose(first);
        }}
      />
      {where.by === 'below' && (
        <Select
          {...common}
          showSearch={{ filterOption: byLabel }}
          aria-label={which}
          className={styles.which}
          options={pages}
          value={where.page}
          onChange={(page: string) => choose({ by: 'below', page })}
        />
      )}
      {where.by === 'pages' && (
        <Select
          {...common}
          mode="multiple"
          maxTagCount="responsive"
          showSearch={{ filterOption: byLabel }}
          aria-label={which}
          className={styles.which}
          options={pages}
          value={where.pages}
          onChange={(chosen: string[]) => choose({ by: 'pages', pages: chosen })}
        />
      )}
      {where.by === 'tag' && (
        <Select
          {...common}
          aria-label={which}
          className={styles.which}
          options={tagsOf(site).map((tag) => ({ value: tag, label: tag }))}
          value={where.tag}
          onChange={(tag: string) => choose({ by: 'tag', tag })}
        />
      )}
      {where.by === 'language' && (
        <Select
          {...common}
          aria-label={which}
          className={styles.which}
          options={site.languages.map((tag) => ({ value: tag, label: languageName(tag) }))}
          value={where.language}
          onChange={(language: string) => choose({ by: 'language', language })}
        />
      )}
    </span>
  );
}
