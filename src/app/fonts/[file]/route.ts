import { shippedFileNamed } from '@/core/brand/fonts';
import { mediaType, shippedFontBytes } from '@/server/handover/sources';
import { refusal, route } from '@/server/http';

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ file: string }> }>({
  /** A shipped font, for specimens of type in the application itself. */
  async GET(_, { params }) {
    const { file: name } = await params;
    const file = shippedFileNamed(name);
    if (!file) return refusal(404, `No font “${name}” is shipped.`);
    return new Response(new Uint8Array(shippedFontBytes(file)), {
      headers: { 'content-type': mediaType(name), 'cache-control': 'public, max-age=86400' },
    });
  },
});
