import type { Node } from '../../markup/html';
import type { Id } from '../../ids/id';
import type { Page } from '../../site/page';
import type { Slot } from '../../site/placing-schema';
import type { Site } from '../../site/site';
import { unmeasured } from '../../text/advances';
import { renderedPages } from '../files';
import { settleNames } from '../names';
import { NAMED, namedFolder } from '../page/folder';
import { notFoundPage } from '../page/not-found-page';
import { pageParts, placedOnPage, type PageParts } from '../page/page';
import { languageFolder, NOT_FOUND_PATH, pageFile } from '../page/paths';
import { merged, type Merged, type Some } from './merge';

/** A page of a site in one of its languages. */
export interface Circumstance {
  page: Page;
  language: string;
}

/** Something that is designed, in all circumstances in which it stands on a page. */
export interface MergedPart {
  /** The name of a header, drawer or footer as it stands in the stylesheet. */
  name: string;
  nodes: Merged;
  in: Some;
}

/** What is designed of a site, page by page and language by language made one; files of the site are named by their paths (`NAMED`). */
export interface MergedSite {
  circumstances: readonly Circumstance[];
  skip: Merged;
  headers: readonly MergedPart[];
  footers: readonly MergedPart[];
  /** Drawers and dialogs, each by itself, in their order in the body. */
  opened: readonly MergedPart[];
  signs: Merged;
  head: Merged;
}

/** Every page in every language, and what answers where there is no page. */
export function circumstancesOf(site: Site, languages: readonly string[] = site.languages): Circumstance[] {
  return languages.flatMap((language) => {
    const pages = renderedPages(site);
    const answered = pages.some(({ path }) => path === NOT_FOUND_PATH);
    return [...pages, ...(answered ? [] : [notFoundPage(site, language)])].map((page) => ({
      page,
      language,
    }));
  });
}

/** The path of a page’s file in a language. */
export const fileOf = (site: Site, { page, language }: Circumstance): string =>
  pageFile(page.path, languageFolder(site, language));

/** The path of a file that an attribute names; null for all else. */
export const namedFile = (value: unknown): string | null =>
  typeof value === 'string' && value.startsWith(NAMED) ? value.slice(NAMED.length) : null;

type Designed = Omit<PageParts, 'content'>;

/** Renders every page and makes of each part one that says where it differs. */
export function mergedSite(
  site: Site,
  advances = unmeasured,
  circumstances: readonly Circumstance[] = circumstancesOf(site),
): MergedSite {
  const folders = new Map(site.languages.map((language) => [language, namedFolder()]));
  const parts = circumstances.map(({ page, language }): Designed => {
    const all = pageParts(site, page, undefined, language, advances, folders.get(language));
    // What stands in for content is no part, and is not kept for thousands of pages.
    const { head, skip, header, footer, opened, icons } = all;
    return { head, skip, header, footer, opened, icons };
  });
  const of = (nodes: (parts: Designed) => readonly Node[], some: Some): Merged =>
    merged(some.map((each) => ({ value: nodes(parts[each]!), in: [each] })));
  const all = circumstances.map((_, index) => index);
  const names = settleNames(site);
  const standing = (slot: Slot): MergedPart[] => {
    const at = new Map<Id, number[]>();
    circumstances.forEach(({ page, language }, index) => {
      const stands = placedOnPage(site, page, language)[slot];
      if (stands) at.set(stands.id, [...(at.get(stands.id) ?? []), index]);
    });
    return [...at].map(([id, some]) => ({
      name: names.get(id)!,
      nodes: of((page) => page[slot], some),
      in: some,
    }));
  };
  return {
    circumstances,
    skip: of(({ skip }) => [skip], all),
    headers: standing('header'),
    footers: standing('footer'),
    opened: of(({ opened }) => opened, all).map((each) => ({
      name: 'tag' in each.value ? String(each.value.attributes.id![0]!.value) : '',
      nodes: [each],
      in: each.in,
    })),
    signs: of(({ icons }) => [icons], all),
    head: of(({ head }) => head, all),
  };
}
