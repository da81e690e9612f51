import { database } from '@/server/db/open';
import { refusal, route } from '@/server/http';
import { objectAt, unpacked } from '@/server/objects/objects';
import { hashInRelease } from '@/server/releases/releases';

interface Context {
  params: Promise<{ site: string; number: string }>;
}

export const { GET, POST, PUT, PATCH, DELETE } = route<Context>({
  /** The text of a file of a release (`path`), to be read; never as what a browser would run. */
  async GET(request, { params }) {
    const { site, number } = await params;
    const path = new URL(request.url).searchParams.get('path') ?? '';
    const hash = hashInRelease(database(), site, Number(number), path);
    if (hash === null) return refusal(404, `There is no file “${path}” in release ${number}.`);
    return new Response(new Uint8Array(unpacked(objectAt(database(), hash))), {
      headers: { 'content-type': 'text/plain; charset=utf-8', 'x-content-type-options': 'nosniff' },
    });
  },
});
