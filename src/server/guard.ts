import { NEWSLETTER_PATH } from '@/core/render/page/paths';
import { siteAt } from './handover/site-address';

/** Who may ask: pages of this application, by its own name. Keeps other websites from reaching it through the browser. */

const localHosts = ['127.0.0.1', 'localhost', '[::1]'];

/** The names under which the application answers: those of this machine, and those that `ALLOWED_HOSTS` lists. */
function allowedHosts(): string[] {
  return [
    ...localHosts,
    ...(process.env.ALLOWED_HOSTS ?? '')
      .split(',')
      .map((host) => host.trim())
      .filter(Boolean),
  ];
}

/** What is asked for, as the browser says it (Fetch Metadata): a header that it does not send is null. */
export interface Asked {
  method: string;
  path: string;
  host: string | null;
  origin: string | null;
  /** `sec-fetch-site`, `sec-fetch-mode`, `sec-fetch-dest`. */
  site: string | null;
  mode: string | null;
  dest: string | null;
}

/** Scripts of the application that pages of an opaque origin load; they hold nothing. */
const frameScripts = ['/frame-host.js', '/tried.js'];

/** Whether what is asked for is a file of a site under an address that only the application gives out, or a script of its frames. */
function isGivenOut(path: string): boolean {
  const [, first, second = ''] = path.split('/');
  const ofSites = ['try', 'frame', 'tried'].includes(first ?? '');
  return frameScripts.includes(path) || (ofSites && siteAt(second).keyed);
}

/** Why a request is not answered; null when it is. */
export function guardProblem({ method, path, host, origin, site, mode, dest }: Asked): string | null {
  const name = (host ?? '').replace(/:\d+$/, '');
  if (!allowedHosts().includes(name))
    return `This application does not answer to the name “${name}”. Set ALLOWED_HOSTS to allow it.`;
  const reads = method === 'GET' || method === 'HEAD';
  if (reads && isGivenOut(path)) return null;
  // What a page of a site sends to try its newsletter changes nothing.
  if (method === 'POST' && isGivenOut(path) && path.endsWith(`/${NEWSLETTER_PATH}`)) return null;
  const own = origin === null || origin === `http://${host}` || origin === `https://${host}`;
  if (!reads && !own) return 'Another website may not change anything here.';
  const foreign = (site !== null && site !== 'same-origin' && site !== 'none') || !own;
  if (!foreign) return null;
  // A link from elsewhere to a screen is followed; nothing of it can be read there.
  const followed = reads && mode === 'navigate' && dest === 'document' && !path.startsWith('/api/');
  return followed ? null : 'Another website may not ask for anything here.';
}
