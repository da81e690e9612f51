import { addressProblem, emailProblem, NOWHERE, telephoneProblem, type Link } from '../properties/link';
import { pathKey, pathProblem } from '../site/page';
import type { Site } from '../site/site';

/**
 * Where a text from outside says that a link leads: a path is not yet a page of the site, and names are not yet ids. What can be
 * a link as it stands is one already.
 */
export type NamedTarget =
  | { named: 'link'; link: Link }
  | { named: 'page'; path: string; section: string | null; dialog: boolean }
  | { named: 'drawer'; name: string }
  | { named: 'file'; name: string };

export type TargetReading = { ok: true; target: NamedTarget } | { ok: false; reason: string };

const link = (found: Link): TargetReading => ({ ok: true, target: { named: 'link', link: found } });

function checked(problem: string | null, found: Link): TargetReading {
  return problem === null ? link(found) : { ok: false, reason: problem };
}

/** The address part of a link with a scheme, with its percent signs decoded where that gives a text. */
function bare(text: string): string {
  const rest = text.slice(text.indexOf(':') + 1).split('?')[0]!;
  try {
    return decodeURIComponent(rest);
  } catch {
    return rest;
  }
}

/** What a text means that begins with one of these schemes. The last three are ours: they name what only this site has. */
const schemes: Record<string, (text: string) => TargetReading> = {
  mailto: (text) => checked(emailProblem(bare(text)), { to: 'email', email: bare(text) }),
  tel: (text) => checked(telephoneProblem(bare(text)), { to: 'telephone', telephone: bare(text) }),
  http: (text) => checked(addressProblem(text), { to: 'address', address: text }),
  https: (text) => checked(addressProblem(text), { to: 'address', address: text }),
  language: (text) => link({ to: 'language', language: bare(text) }),
  drawer: (text) => ({ ok: true, target: { named: 'drawer', name: bare(text) } }),
  dialog: (text) => readPath(bare(text), true),
};

/** The path of a page as websites link to it, in our form: absolute, without the usual endings of files. */
function readPath(text: string, dialog: boolean): TargetReading {
  const [before, section] = text.split('#') as [string, string?];
  const path = `/${before.split('?')[0]!.replace(/^(\.{0,2}\/)+/, '')}`
    .replace(/\/(index\.\w+)?$/, '')
    .replace(/\.(html?|php)$/, '');
  const problem = pathProblem(path === '' ? '/' : path);
  if (problem) return { ok: false, reason: problem };
  return {
    ok: true,
    target: { named: 'page', path: path === '' ? '/' : path, section: section || null, dialog },
  };
}

/** Reads where a link leads from what stands in an `href`, or from what a designer types for it. */
export function readTarget(text: string): TargetReading {
  const typed = text.trim();
  if (typed === '' || typed === '#') return link(NOWHERE);
  // Controls and blanks inside a scheme are dropped by browsers (WHATWG URL, 4.4), so they must not hide one here.
  const scheme = /^([a-z][a-z0-9+.-]*):/i.exec(typed.replace(/[\u0000-\u0020]/g, ''))?.[1]?.toLowerCase();
  if (scheme !== undefined) {
    const read = Object.hasOwn(schemes, scheme) ? schemes[scheme] : undefined;
    return read ? read(typed) : { ok: false, reason: `A link may not use ${scheme}:.` };
  }
  if (typed.startsWith('/files/')) return { ok: true, target: { named: 'file', name: typed.slice(7) } };
  if (emailProblem(typed) === null) return link({ to: 'email', email: typed });
  if (/^\+?[\d\s().–-]{5,}$/.test(typed))
    return checked(telephoneProblem(typed), { to: 'telephone', telephone: typed });
  if (/^www\./i.test(typed))
    return checked(addressProblem(`https://${typed}`), { to: 'address', address: `https://${typed}` });
  return readPath(typed, false);
}

/** The link that a named target comes to on this site; a sentence when the site has no such thing. */
export function linkTo(
  site: Site,
  target: NamedTarget,
  pageOf: (path: string) => string | undefined,
): Link | string {
  if (target.named === 'link') {
    if (target.link.to === 'language' && !site.languages.includes(target.link.language))
      return `The site has no language “${target.link.language}”.`;
    return target.link;
  }
  if (target.named === 'drawer') {
    const drawer = Object.values(site.drawers).find(({ name }) => name === target.name);
    return drawer ? { to: 'drawer', drawer: drawer.id } : `There is no drawer “${target.name}”.`;
  }
  if (target.named === 'file') {
    const file = Object.values(site.files).find(({ name }) => name === target.name);
    return file ? { to: 'file', file: file.id } : `There is no file “${target.name}”.`;
  }
  const page = pageOf(pathKey(target.path));
  if (page === undefined) return `No page has the path ${target.path}.`;
  if (target.dialog) return { to: 'dialog', page };
  return target.section === null ? { to: 'page', page } : { to: 'section', page, section: target.section };
}

/** The link that a typed text means on this site, or why it means none; `page` is the path of a page that could be added for it. */
export function readLink(
  site: Site,
  text: string,
): { ok: true; link: Link } | { ok: false; reason: string; page?: string } {
  const reading = readTarget(text);
  if (!reading.ok) return reading;
  const link = linkTo(site, reading.target, pagesByPath(site));
  return typeof link === 'string'
    ? { ok: false, reason: link, ...(reading.target.named === 'page' ? { page: reading.target.path } : {}) }
    : { ok: true, link };
}

/** Finds pages by their paths: gives the id of a page, or undefined. */
export function pagesByPath(site: Site): (pathKey: string) => string | undefined {
  const byPath = new Map(Object.values(site.pages).map(({ id, path }) => [pathKey(path), id]));
  return (key) => byPath.get(key);
}

/** A link as a text that `readTarget` reads again: an `href`, or one of our own names for what only this site has. */
export function targetText(site: Site, to: Link): string {
  const path = 'page' in to ? (site.pages[to.page]?.path ?? '') : '';
  switch (to.to) {
    case 'page':
      return path;
    case 'section':
      return `${path}#${to.section}`;
    case 'dialog':
      return `dialog:${path}`;
    case 'address':
      return to.address;
    case 'email':
      return `mailto:${to.email}`;
    case 'telephone':
      return `tel:${to.telephone}`;
    case 'file':
      return `/files/${site.files[to.file]?.name ?? ''}`;
    case 'drawer':
      return `drawer:${encodeURIComponent(site.drawers[to.drawer]?.name ?? '')}`;
    case 'language':
      return `language:${to.language}`;
    default:
      return '';
  }
}
