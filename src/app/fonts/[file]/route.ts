import { shippedFileNamed } from '@/core/brand/fonts';
import { refusal } from '@/server/http';
import { mediaType, shippedFontBytes } from '@/server/handover/sources';

/** A shipped font, for specimens of type in the application itself. */
export async function GET(_: Request, { params }: { params: Promise<{ file: string }> }) {
  const { file: name } = await params;
  const file = shippedFileNamed(name);
  if (!file) return refusal(404, `No font “${name}” is shipped.`);
  return new Response(new Uint8Array(shippedFontBytes(file)), {
    headers: { 'content-type': mediaType(name), 'cache-control': 'public, max-age=86400' },
  });
}
