import * as v from 'valibot';
import { hashSchema } from '../site/hash';
import { integrityProblems } from '../site/integrity';
import { problemsOf, type Problem } from '../site/problem';
import { siteSchema, type Site } from '../site/site';
import { controlProblems } from '../site/soundness';
import { upgraded, versionProblem } from '../site/upgrades';

/** The name of the form, so that a file is told from any other JSON. */
export const SITE_FILE_FORM = 'gable-ridge-site';

/** Looked at in stretches: bytes of several MB are more than a regular expression can hold at once. */
function isBase64(text: string): boolean {
  if (text.length % 4 !== 0) return false;
  const body = text.replace(/={1,2}$/, '');
  for (let at = 0; at < body.length; at += 65_536)
    if (!/^[A-Za-z0-9+/]*$/.test(body.slice(at, at + 65_536))) return false;
  return true;
}

/** Bytes as text (RFC 4648, 4). */
const base64Schema = v.pipe(v.string(), v.check(isBase64, 'Not base64.'));

/** The site file (`*.gable.json`): the document, and the bytes of its artwork, fonts and files as base64 by hash. */
export const siteFileSchema = v.strictObject({
  form: v.literal(SITE_FILE_FORM, `A site file says "form": "${SITE_FILE_FORM}".`),
  site: siteSchema,
  bytes: v.record(hashSchema, base64Schema),
});
export type SiteFile = v.InferOutput<typeof siteFileSchema>;

export type SiteFileReading = { ok: true; file: SiteFile } | { ok: false; problems: Problem[] };

/** The most problems that are worth reading at once. */
const MOST_PROBLEMS = 20;

function refuse(...problems: Problem[]): SiteFileReading {
  return { ok: false, problems: problems.slice(0, MOST_PROBLEMS) };
}

/** A file of an older version brought to this one; one that does not have the form of its version stays as it is. */
function upgradedFile(json: unknown): unknown {
  const site = (json as { site?: unknown } | null)?.site;
  if (typeof site !== 'object' || site === null) return json;
  try {
    return { ...(json as object), site: upgraded(site as Record<string, unknown>) };
  } catch {
    return json;
  }
}

/** Reads a site file; a broken one is refused whole, with the paths inside it and the reasons. */
export function readSiteFile(text: string): SiteFileReading {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return refuse({ path: '', reason: `This is not JSON: ${(error as Error).message}` });
  }
  const current = upgradedFile(json);
  // The version is looked at first: a file of another form would only give misleading problems.
  const version = versionProblem((json as { site?: { version?: unknown } } | null)?.site?.version);
  if (version) return refuse({ ...version, path: `site.${version.path}` });
  const parsed = v.safeParse(siteFileSchema, current);
  if (!parsed.success) return refuse(...problemsOf(parsed.issues));
  const file = parsed.output;
  const problems = [...controlProblems(file.site), ...integrityProblems(file.site)].map((problem) => ({
    ...problem,
    path: `site.${problem.path}`,
  }));
  const missing = keptBytes(file.site).filter(({ hash }) => !Object.hasOwn(file.bytes, hash));
  problems.push(
    ...missing.map(({ path }) => ({ path: `site.${path}`, reason: 'has no bytes in this file' })),
  );
  return problems.length > 0 ? refuse(...problems) : { ok: true, file };
}

/** The bytes that a site has beside its document: their hashes, and the paths at which these stand. */
export function keptBytes(site: Site): { path: string; hash: string }[] {
  return [
    ...Object.values(site.artwork).map(({ id, hash }) => ({ path: `artwork.${id}.hash`, hash })),
    ...Object.values(site.fonts).flatMap(({ id, files }) =>
      files.map(({ hash }, index) => ({ path: `fonts.${id}.files.${index}.hash`, hash })),
    ),
    ...Object.values(site.files).map(({ id, hash }) => ({ path: `files.${id}.hash`, hash })),
  ];
}

/**
 * A site file’s text in stretches, since the bytes of a site may be many: the document, then the base64 of one thing after another, which
 * `bytes` gives by its hash. The document may be one that cannot be read; it is then written as it stands.
 */
export function* siteFileText(
  site: unknown,
  hashes: Iterable<string>,
  bytes: (hash: string) => string,
): Generator<string> {
  const document = JSON.stringify({ form: SITE_FILE_FORM, site }, null, 2);
  yield `${document.slice(0, -2)},\n  "bytes": {`;
  let count = 0;
  for (const hash of new Set(hashes)) {
    yield `${count === 0 ? '' : ','}\n    ${JSON.stringify(hash)}: "${bytes(hash)}"`;
    count += 1;
  }
  yield `${count === 0 ? '' : '\n  '}}\n}\n`;
}

/** A site file’s text at once. */
export function writeSiteFile(site: Site, bytes: (hash: string) => string): string {
  const hashes = keptBytes(site).map(({ hash }) => hash);
  return [...siteFileText(site, hashes, bytes)].join('');
}
