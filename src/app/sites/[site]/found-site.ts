import { cache } from 'react';
import { database } from '@/server/db/open';
import { loadSite, type StoredSite } from '@/server/sites/store';
import { UnreadableSite } from '@/server/sites/unreadable';

/** A site, or why it cannot be read; null where there is none. Read once for a request. */
export const foundSite = cache((id: string): StoredSite | UnreadableSite | null => {
  try {
    return loadSite(database(), id);
  } catch (error) {
    if (error instanceof UnreadableSite) return error;
    throw error;
  }
});
