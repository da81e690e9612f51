import { connection } from 'next/server';
import { database } from '@/server/db/open';
import { listSites } from '@/server/sites/store';
import { SitesScreen } from '@/features/sites/sites-screen';

/** The list of sites. */
export default async function Page() {
  await connection();
  const sites = listSites(database()).map(({ updatedAt, ...site }) => ({
    ...site,
    updatedAt: updatedAt.toISOString(),
  }));
  return <SitesScreen sites={sites} />;
}
