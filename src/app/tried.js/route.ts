import { route } from '@/server/http';
import { tellerScript } from '@/server/handover/sources';

export const { GET, POST, PUT, PATCH, DELETE } = route({
  /** The script of pages that are tried, which tells the screen around them what is met there (src/teller). */
  GET: () =>
    new Response(tellerScript(), {
      headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' },
    }),
});
