import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './run.mjs';

/** Files of the project, by their paths from its folder. */
const sources = ['src', 'tests', 'scripts', 'public', 'bin'].flatMap((folder) =>
  readdirSync(path.join(root, folder), { recursive: true }).map((name) => `/${folder}/${name}`),
);
const atRoot = readdirSync(root).map((name) => `/${name}`);

/** The source files that a text names between backquotes, by the last part of their paths. */
const namedIn = (text) => [...text.matchAll(/`([\w./-]+\.(?:ts|tsx|js|mjs))`/g)].map(([, name]) => name);

/** Says which files the docs name that are not there, and gives how many. */
export function missingFromDocs() {
  const pages = ['README.md', ...readdirSync(path.join(root, 'docs')).map((name) => `docs/${name}`)];
  const missing = pages
    .filter((page) => page.endsWith('.md'))
    .flatMap((page) =>
      namedIn(readFileSync(path.join(root, page), 'utf8'))
        .filter((name) => ![...sources, ...atRoot].some((file) => file.endsWith(`/${name}`)))
        .map((name) => `${page} names ${name}, which is not there.`),
    );
  for (const each of missing) console.error(each);
  return missing.length;
}
