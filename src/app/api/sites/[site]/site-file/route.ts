import { megabytes, MOST_SITE_FILE } from '@/core/site/file-limits';
import { database } from '@/server/db/open';
import { download, noSuchSite, refusal, route, textStream } from '@/server/http';
import { siteFileOf } from '@/server/sites/site-file';

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** The site file, to be kept or opened elsewhere; that of a site which cannot be read as it stands. */
  async GET(_, { params }) {
    const file = siteFileOf(database(), (await params).site);
    if (!file) return noSuchSite();
    if (file.bytes > MOST_SITE_FILE)
      return refusal(
        413,
        `The pictures, fonts and files of this site are too many for a site file, which holds ${megabytes(MOST_SITE_FILE)} MB. Copy the data from the list of sites instead.`,
      );
    return download(textStream(file.text), file.name, 'application/json');
  },
});
