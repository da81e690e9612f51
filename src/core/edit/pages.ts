import * as v from 'valibot';
import { idSchema } from '../properties/id';
import { pageSchema, pathKey, pathSchema, titleSchema } from '../site/page';
import type { Site } from '../site/site';
import { editKind, type Refusal } from './edit-kind';

function takenPath(draft: Site, path: string, except: string): Refusal {
  const twin = Object.values(draft.pages).find(
    (page) => page.id !== except && pathKey(page.path) === pathKey(path),
  );
  return twin ? `“${path}” is already the path of “${twin.title}”.` : null;
}

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
      if (draft.pages[page.id]) return `There is already a page with the id ${page.id}.`;
      taken.set(pathKey(page.path), page.title);
      draft.pages[page.id] = page;
    }
    draft.pageOrder = [...draft.pageOrder, ...pages.map((page) => page.id)];
    return null;
  },
});

export const changePage = editKind({
  title: 'Change a page',
  schema: v.strictObject({
    edit: v.literal('changePage'),
    page: idSchema,
    title: v.optional(titleSchema),
    path: v.optional(pathSchema),
  }),
  apply(draft, { page: id, title, path }) {
    const page = draft.pages[id];
    if (!page) return 'This page is no longer there.';
    if (path !== undefined) {
      const refusal = takenPath(draft, path, id);
      if (refusal) return refusal;
      page.path = path;
    }
    if (title !== undefined) page.title = title;
    return null;
  },
});

/** Removes a page; its children move up to its parent. Pages that something points to stay (the engine refuses). */
export const removePage = editKind({
  title: 'Remove a page',
  schema: v.strictObject({ edit: v.literal('removePage'), page: idSchema }),
  apply(draft, { page: id }) {
    const page = draft.pages[id];
    if (!page) return 'This page is no longer there.';
    for (const other of Object.values(draft.pages)) if (other.parent === id) other.parent = page.parent;
    draft.pageOrder = draft.pageOrder.filter((each) => each !== id);
    delete draft.pages[id];
    return null;
  },
});
