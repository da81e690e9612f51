import { shippedFileNamed } from '@/core/brand/fonts';
import { asSfnt } from '@/server/bytes/sfnt';
import { shippedFontBytes } from '@/server/handover/sources';
import { plainFont, refusal, route } from '@/server/http';

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ file: string }> }>({
  /** A shipped font as plain bytes, to be measured with. */
  async GET(_, { params }) {
    const { file: name } = await params;
    const file = shippedFileNamed(name);
    return file
      ? plainFont(await asSfnt(shippedFontBytes(file)))
      : refusal(404, `No font “${name}” is shipped.`);
  },
});
