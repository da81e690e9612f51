import { copyOfData } from '@/server/db/copy';
import { database } from '@/server/db/open';
import { download, route } from '@/server/http';

export const { GET, POST, PUT, PATCH, DELETE } = route({
  /** All data as one file, as it stands at this moment. */
  async GET() {
    const day = new Date().toISOString().slice(0, 10);
    return download(await copyOfData(database()), `gable-ridge-${day}.db`, 'application/vnd.sqlite3');
  },
});
