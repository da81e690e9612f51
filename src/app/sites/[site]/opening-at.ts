import { headers } from 'next/headers';
import { own } from '@/core/ids/id';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Site } from '@/core/site/site';
import { openingText } from '@/server/jobs/opening';
import { UnreadableSite } from '@/server/sites/unreadable';
import { foundSite } from './found-site';

/** Whether a screen of a site is asked for from another one of it: then the site is open already. */
async function isOpen(id: string): Promise<boolean> {
  const asked = await headers();
  const from = asked.get('referer');
  if (from === null || asked.get('sec-fetch-dest') !== 'empty') return false;
  return URL.canParse(from) && new URL(from).pathname.startsWith(`/sites/${id}/`);
}

/**
 * What a site is opened with at an assembly; null where it is open already, and where there is none. The answer is not waited for: it
 * follows the page.
 */
export async function openingAt(
  id: string,
  kind: AssemblyKind,
  assemblyIn: (site: Site) => string | null | undefined,
): Promise<{ text: Promise<string> } | null> {
  const stored = foundSite(id);
  if (!stored || stored instanceof UnreadableSite || (await isOpen(id))) return null;
  const assembly = own(stored.site[kind], assemblyIn(stored.site) ?? '');
  return assembly ? { text: openingText(stored, { kind, assembly: assembly.id }) } : null;
}
