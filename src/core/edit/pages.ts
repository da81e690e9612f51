import * as v from 'valibot';
import { idSchema, own, type Id } from '../ids/id';
import { languageSchema } from '../site/language';
import {
  pageSchema,
  pathKey,
  pathProblem,
  pathSchema,
  tagsSchema,
  titleSchema,
  type Page,
} from '../site/page';
import { pageStandInSchema } from '../site/page-stand-in';
import { forgetPages } from '../site/placing';
import type { Site } from '../site/site';
import { usesOf, type Use } from '../site/uses';
import { editKind, type Refusal } from './edit-kind';
import { removeItem } from './menus';
import { setLinks } from './references';

const somePageGone = 'One of these pages is no longer there.';
const idsSchema = v.pipe(v.array(idSchema), v.minLength(1), v.maxLength(5000));

export const addPages = editKind({
  title: 'Add pages',
  schema: v.strictObject({
    edit: v.literal('addPages'),
    pages: v.pipe(v.array(pageSchema), v.minLength(1), v.maxLength(5000)),
  }),
  apply(draft, { pages }) {
    const taken = new Map(Object.values(draft.pages).map((page) => [pathKey(page.path), page.title]));
    for (const page of pages) {
      const twin = taken.get(pathKey(page.path));
      if (twin !== undefined) return `“${page.path}” is already the path of “${twin}”.`;
      if (own(draft.pages, page.id)) return `There is already a page with the id ${page.id}.`;
      taken.set(pathKey(page.path), page.title);
      draft.pages[page.id] = page;
    }
    draft.pageOrder = [...draft.pageOrder, ...pages.map((page) => page.id)];
    return null;
  },
});

/** The path of a page after the one above it changed from `before` to `after`; null when it does not lie below it. */
export function followedPath(path: string, before: string, after: string): string | null {
  const stem = before === '/' ? '/' : `${before}/`;
  if (before === '/' || !pathKey(path).startsWith(pathKey(stem))) return null;
  return `${after === '/' ? '' : after}/${path.slice(stem.length)}`;
}

export const changePage = editKind({
  title: 'Change a page',
  schema: v.strictObject({
    edit: v.literal('changePage'),
    page: idSchema,
    title: v.optional(titleSchema),
    path: v.optional(pathSchema),
    /** Whether pages whose paths lie below the old one follow to the new one. */
    below: v.optional(v.boolean()),
    tags: v.optional(tagsSchema),
    /** Null for what pages have of themselves. */
    standIn: v.optional(v.nullable(pageStandInSchema)),
  }),
  apply(draft, { page: id, title, path, below, tags, standIn }) {
    const page = own(draft.pages, id);
    if (!page) return 'This page is no longer there.';
    if (path !== undefined) {
      const paths = new Map([[id, path], ...(below ? followers(draft, page, path) : [])]);
      for (const [each, to] of paths) draft.pages[each]!.path = to;
      const refusal = pathsRefusal(draft, paths);
      if (refusal) return refusal;
    }
    if (title !== undefined) page.title = title;
    if (tags !== undefined) page.tags = tags;
    if (standIn === null) delete page.standIn;
    else if (standIn !== undefined) page.standIn = standIn;
    return null;
  },
});

/** The paths of the other pages that follow a page to a new path, by their ids. */
function followers(draft: Site, page: Page, after: string): [Id, string][] {
  return Object.values(draft.pages).flatMap((other): [Id, string][] => {
    const followed = other.id === page.id ? null : followedPath(other.path, page.path, after);
    return followed === null ? [] : [[other.id, followed]];
  });
}

/** Why pages cannot have the paths that they were just given; null when they can. */
function pathsRefusal(draft: Site, paths: ReadonlyMap<Id, string>): Refusal {
  const titles = new Map<string, string>();
  for (const page of Object.values(draft.pages))
    if (!paths.has(page.id)) titles.set(pathKey(page.path), page.title);
  for (const [id, path] of paths) {
    const twin = titles.get(pathKey(path));
    if (twin !== undefined) return `“${path}” is already the path of “${twin}”.`;
    const problem = pathProblem(path);
    if (problem !== null) return problem;
    titles.set(pathKey(path), draft.pages[id]!.title);
  }
  return null;
}

/** Gives a page a title in another language of the site, or with null takes it away. */
export const translatePage = editKind({
  title: 'Translate a title',
  schema: v.strictObject({
    edit: v.literal('translatePage'),
    page: idSchema,
    language: languageSchema,
    title: v.nullable(titleSchema),
  }),
  apply(draft, { page: id, language, title }) {
    const page = own(draft.pages, id);
    if (!page) return 'This page is no longer there.';
    if (title === null) delete page.titles[language];
    else page.titles[language] = title;
    return null;
  },
});

/** Puts tags on pages and takes others off. */
export const tagPages = editKind({
  title: 'Tag pages',
  schema: v.strictObject({
    edit: v.literal('tagPages'),
    pages: idsSchema,
    add: tagsSchema,
    remove: tagsSchema,
  }),
  apply(draft, { pages, add, remove }) {
    for (const id of pages) {
      const page = own(draft.pages, id);
      if (!page) return somePageGone;
      const kept = page.tags.filter((tag) => !remove.includes(tag) && !add.includes(tag));
      const tags = v.safeParse(tagsSchema, [...kept, ...add]);
      if (!tags.success) return `“${page.title}”: ${tags.issues[0].message}`;
      page.tags = tags.output;
    }
    return null;
  },
});

/** Moves pages, with what lies below them, below another page or with null to the top: before a sibling, or for null at the end. */
export const movePages = editKind({
  title: 'Move pages',
  schema: v.strictObject({
    edit: v.literal('movePages'),
    pages: idsSchema,
    parent: v.nullable(idSchema),
    before: v.nullable(idSchema),
  }),
  apply(draft, { pages, parent, before }) {
    if (pages.some((id) => !own(draft.pages, id))) return somePageGone;
    if (parent !== null && !own(draft.pages, parent)) return somePageGone;
    const moved = new Set(pages);
    const heads = [...moved].filter((id) => !ancestorsOf(draft, id).some((above) => moved.has(above)));
    for (const id of heads) draft.pages[id]!.parent = parent;
    const order = draft.pageOrder.filter((id) => !heads.includes(id));
    const index = before === null ? -1 : order.indexOf(before);
    order.splice(index < 0 ? order.length : index, 0, ...heads);
    draft.pageOrder = order;
    return null;
  },
});

function ancestorsOf(draft: Site, id: Id): Id[] {
  const above: Id[] = [];
  for (
    let at = draft.pages[id]!.parent;
    at !== null && !above.includes(at);
    at = own(draft.pages, at)?.parent ?? null
  )
    above.push(at);
  return above;
}

/**
 * Removes pages. What lies below them moves up, or goes as well. Links to them lead to another page, lead nowhere, or, where they
 * are items of menus, go too; without a word about links, pages that something points to stay (the engine refuses).
 */
export const removePages = editKind({
  title: 'Remove pages',
  schema: v.strictObject({
    edit: v.literal('removePages'),
    pages: idsSchema,
    below: v.picklist(['up', 'too']),
    links: v.optional(
      v.variant('do', [
        v.strictObject({ do: v.literal('lead'), page: idSchema }),
        v.strictObject({ do: v.literal('nowhere') }),
        v.strictObject({ do: v.literal('remove') }),
      ]),
    ),
  }),
  apply(draft, { pages, below, links }) {
    if (pages.some((id) => !own(draft.pages, id))) return somePageGone;
    const gone = new Set(below === 'too' ? withBelow(draft, pages) : pages);
    if (links?.do === 'lead' && gone.has(links.page))
      return 'The page that links are to lead to is removed as well.';
    if (links) releaseLinks(draft, usesOf(draft, 'pages', gone), links);
    for (const page of Object.values(draft.pages)) {
      while (page.parent !== null && gone.has(page.parent)) page.parent = draft.pages[page.parent]!.parent;
    }
    draft.pageOrder = draft.pageOrder.filter((id) => !gone.has(id));
    for (const id of gone) delete draft.pages[id];
    forgetPages(draft, gone);
    return null;
  },
});

function releaseLinks(
  draft: Site,
  uses: readonly Use[],
  links: { do: 'lead'; page: Id } | { do: 'nowhere' } | { do: 'remove' },
): void {
  if (links.do === 'lead') return setLinks(uses, { to: 'page', page: links.page });
  // An item that leads nowhere would lose the label that it had from its page.
  for (const { holder, id } of uses)
    if (holder.holds === 'item') holder.item.label ??= draft.pages[id]!.title.slice(0, 80);
  setLinks(uses);
  if (links.do === 'remove')
    for (const { holder } of uses) if (holder.holds === 'item') removeItem(holder.menu, holder.item.id);
}

/** Pages with all that lie below them. */
export function withBelow(site: Site, pages: readonly Id[]): Id[] {
  const held = new Set(pages);
  return Object.keys(site.pages).filter(
    (id) => held.has(id) || ancestorsOf(site, id).some((above) => held.has(above)),
  );
}
