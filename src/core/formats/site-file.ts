import * as v from 'valibot';
import { integrityProblems } from '../site/integrity';
import { problemsOf, type Problem } from '../site/problem';
import { siteSchema, SITE_VERSION, type Site } from '../site/site';

/** The name of the form, so that a file is told from any other JSON. */
export const SITE_FILE_FORM = 'gable-ridge-site';

/** The site file (`*.gable.json`): the document, and the bytes of its artwork as base64 by hash. */
export const siteFileSchema = v.strictObject({
  form: v.literal(SITE_FILE_FORM, `A site file says "form": "${SITE_FILE_FORM}".`),
  site: siteSchema,
  artwork: v.record(
    v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/)),
    v.pipe(v.string(), v.base64('Not base64.')),
  ),
});
export type SiteFile = v.InferOutput<typeof siteFileSchema>;

export type SiteFileReading = { ok: true; file: SiteFile } | { ok: false; problems: Problem[] };

/** The most problems that are worth reading at once. */
const MOST_PROBLEMS = 20;

function refuse(...problems: Problem[]): SiteFileReading {
  return { ok: false, problems: problems.slice(0, MOST_PROBLEMS) };
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
  const version = versionProblem(json);
  if (version) return refuse(version);
  const parsed = v.safeParse(siteFileSchema, json);
  if (!parsed.success) return refuse(...problemsOf(parsed.issues));
  const file = parsed.output;
  const problems = integrityProblems(file.site).map((problem) => ({
    ...problem,
    path: `site.${problem.path}`,
  }));
  const missing = Object.values(file.site.artwork).filter(
    (artwork) => !Object.hasOwn(file.artwork, artwork.hash),
  );
  problems.push(
    ...missing.map((artwork) => ({
      path: `site.artwork.${artwork.id}.hash`,
      reason: 'has no bytes in this file',
    })),
  );
  return problems.length > 0 ? refuse(...problems) : { ok: true, file };
}

/** A site file's text; `bytes` gives the base64 of artwork by its hash. */
export function writeSiteFile(site: Site, bytes: (hash: string) => string): string {
  const hashes = [...new Set(Object.values(site.artwork).map((artwork) => artwork.hash))];
  const file: SiteFile = {
    form: SITE_FILE_FORM,
    site,
    artwork: Object.fromEntries(hashes.map((hash) => [hash, bytes(hash)])),
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}
