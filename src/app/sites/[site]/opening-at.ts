import { headers } from 'next/headers';
import { own } from '@/core/ids/id';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Site } from '@/core/site/site';
import { openingText } from '@/server/jobs/opening';
import { UnreadableSite } from '@/server/sites/unreadable';
import { foundSite } from './found-site';

/**
 * What a site is opened with at an assembly; null within the application, where it is open already, and where there is none. The answer is
 * not waited for: it follows the page.
 */
export async function openingAt(
  id: string,
  kind: AssemblyKind,
  assemblyIn: (site: Site) => string | null | undefined,
): Promise<{ text: Promise<string> } | null> {
  const stored = foundSite(id);
  const isDocument = (await headers()).get('sec-fetch-dest') === 'document';
  if (!isDocument || !stored || stored instanceof UnreadableSite) return null;
  const assembly = own(stored.site[kind], assemblyIn(stored.site) ?? '');
  return assembly ? { text: openingText(stored, { kind, assembly: assembly.id }) } : null;
}
