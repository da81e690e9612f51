import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { OpenSiteProvider } from '@/client/open-site-context';
import { UnreadableScreen } from '@/features/failure/unreadable-screen';
import { database } from '@/server/db/open';
import { standingSince } from '@/server/sites/commit';
import { NOBODY } from '@/server/sites/request';
import { UnreadableSite } from '@/server/sites/unreadable';
import { foundSite } from './found-site';

type Params = Promise<{ site: string }>;

export async function generateMetadata({ params }: { params: Params }): Promise<Metadata> {
  const stored = foundSite((await params).site);
  return { title: stored ? `${stored.site.name} – Gable Ridge` : 'Gable Ridge' };
}

/** Everything below shares one open site. */
export default async function SiteLayout({ children, params }: { children: ReactNode; params: Params }) {
  await connection();
  const { site: id } = await params;
  const stored = foundSite(id);
  if (!stored) notFound();
  if (stored instanceof UnreadableSite)
    return <UnreadableScreen id={id} name={stored.site.name} problems={stored.problems} />;
  const { revision, undo, redo } = standingSince(database(), id, stored.revision, NOBODY)!;
  return (
    <OpenSiteProvider document={JSON.stringify(stored.site)} standing={{ revision, undo, redo, changes: [] }}>
      {children}
    </OpenSiteProvider>
  );
}
