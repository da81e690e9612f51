import { shippedFileNamed } from '@/core/brand/fonts';
import { asSfnt } from '@/server/bytes/sfnt';
import { shippedFontBytes } from '@/server/handover/sources';
import { plainFont, refusal } from '@/server/http';

/** A shipped font as plain bytes, to be measured with. */
export async function GET(_: Request, { params }: { params: Promise<{ file: string }> }) {
  const { file: name } = await params;
  const file = shippedFileNamed(name);
  return file
    ? plainFont(await asSfnt(shippedFontBytes(file)))
    : refusal(404, `No font “${name}” is shipped.`);
}
