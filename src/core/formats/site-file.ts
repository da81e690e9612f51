import * as v from 'valibot';
import { hashSchema } from '../site/hash';
import { integrityProblems } from '../site/integrity';
import { problemsOf, type Problem } from '../site/problem';
import { siteSchema, SITE_VERSION, type Site } from '../site/site';
import { upgraded } from '../site/upgrades';

/** The name of the form, so that a file is told from any other JSON. */
export const SITE_FILE_FORM = 'gable-ridge-site';

/** The site file (`*.gable.json`): the document, and the bytes of its artwork, fonts and files as base64 by hash. */
export const siteFileSchema = v.strictObject({
  form: v.literal(SITE_FILE_FORM, `A site file says "form": "${SITE_FILE_FORM}".`),
  site: siteSchema,
  bytes: v.record(hashSchema, v.pipe(v.string(), v.base64('Not base64.'))),
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

/** The version is looked at first: a file of another form would only give misleading problems. */
function versionProblem(json: unknown): Problem | null {
  const version = (json as { site?: { version?: unknown } } | null)?.site?.version;
  if (version === undefined || version === SITE_VERSION) return null;
  const newer = typeof version === 'number' && version > SITE_VERSION;
  const advice = newer
    ? 'It was written by a newer Gable Ridge; open it there.'
    : 'Such a version was never in use.';
  return {
    path: 'site.version',
    reason: `is ${JSON.stringify(version)}; this application reads version ${SITE_VERSION}. ${advice}`,
  };
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
  const version = versionProblem(current);
  if (version) return refuse(version);
  const parsed = v.safeParse(siteFileSchema, current);
  if (!parsed.success) return refuse(...problemsOf(parsed.issues));
  const file = parsed.output;
  const problems = integrityProblems(file.site).map((problem) => ({
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
function keptBytes(site: Site): { path: string; hash: string }[] {
  return [
    ...Object.values(site.artwork).map(({ id, hash }) => ({ path: `artwork.${id}.hash`, hash })),
    ...Object.values(site.fonts).flatMap(({ id, files }) =>
      files.map(({ hash }, index) => ({ path: `fonts.${id}.files.${index}.hash`, hash })),
    ),
    ...Object.values(site.files).map(({ id, hash }) => ({ path: `files.${id}.hash`, hash })),
  ];
}

/** A site file’s text; `bytes` gives the base64 of bytes by their hash. */
export function writeSiteFile(site: Site, bytes: (hash: string) => string): string {
  const hashes = [...new Set(keptBytes(site).map(({ hash }) => hash))];
  const file: SiteFile = {
    form: SITE_FILE_FORM,
    site,
    bytes: Object.fromEntries(hashes.map((hash) => [hash, bytes(hash)])),
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}
