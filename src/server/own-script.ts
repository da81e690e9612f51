import { readFileSync } from 'node:fs';
import path from 'node:path';
import { route } from './http';

/** Answers with a script of the pages that the application shows by itself, which no hand-over holds: of those that are tried, and of views. `npm run jobs` writes them. */
export const ownScript = (name: 'tried' | 'frame-host') =>
  route({
    GET: () =>
      new Response(
        readFileSync(path.resolve(/*turbopackIgnore: true*/ process.cwd(), '.jobs', `${name}.js`), 'utf8'),
        { headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' } },
      ),
  });
