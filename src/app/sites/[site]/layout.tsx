import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { OpenSiteProvider } from '@/client/open-site-context';
import { database } from '@/server/db/open';
import { standingSince } from '@/server/sites/commit';
import { loadSite } from '@/server/sites/store';

type Params = Promise<{ site: string }>;

export async function generateMetadata({ params }: { params: Params }): Promise<Metadata> {
  const stored = loadSite(database(), (await params).site);
  return { title: stored ? `${stored.site.name} – Gable Ridge` : 'Gable Ridge' };
}

/** Everything below shares one open site. */
export default async function SiteLayout({ children, params }: { children: ReactNode; params: Params }) {
  await connection();
  const { site: id } = await params;
  const stored = loadSite(database(), id);
  if (!stored) notFound();
  const { revision, undo, redo } = standingSince(database(), id, stored.revision)!;
  return (
    <OpenSiteProvider document={JSON.stringify(stored.site)} standing={{ revision, undo, redo, changes: [] }}>
      {children}
    </OpenSiteProvider>
  );
}
