import { createWriteStream } from 'node:fs';
import { once } from 'node:events';
import { promisify } from 'node:util';
import { crc32, deflateRaw, type ZlibOptions } from 'node:zlib';
import { Zip, ZipPassThrough } from 'fflate';
import { ahead } from './ahead';

/** A file that goes into an archive. */
export interface ZippedFile {
  path: string;
  bytes: Buffer;
}

/** Files bear no date of their own, so that the same site gives the same archive; this is the earliest that ZIP knows. */
const NO_DATE = new Date(1980, 0, 1);

/** Pages with a large menu get 3 % larger than at the usual level, and are packed in a third of the time. */
const LEVEL = 3;

const packed = promisify<Buffer, ZlibOptions, Buffer>(deflateRaw);

/** A file in an archive whose bytes come packed: what the archive says of the file itself is told beside them. */
class PackedFile extends ZipPassThrough {
  override compression = 8;
  override mtime = NO_DATE;

  constructor(path: string, bytes: Uint8Array) {
    super(path);
    this.size = bytes.length;
    this.crc = crc32(bytes);
  }

  /** Adds the packed bytes, all at once. */
  pushPacked(packedBytes: Buffer): void {
    this.ondata(null, new Uint8Array(packedBytes), true);
  }
}

/**
 * Writes files into an archive on disk, one after another: only a few are held in memory. Tells after each how many are done.
 */
export async function writeZip(
  target: string,
  files: AsyncIterable<ZippedFile>,
  told: (done: number) => void,
): Promise<void> {
  const out = createWriteStream(target);
  const failed = once(out, 'error').then(([error]) => Promise.reject(error));
  failed.catch(() => null);
  const zip = new Zip((error, chunk) => (error ? out.destroy(error) : out.write(chunk)));
  let done = 0;
  const both = async ({ path, bytes }: ZippedFile) => ({
    entry: new PackedFile(path, bytes),
    deflated: await packed(bytes, { level: LEVEL }),
  });
  for await (const { entry, deflated } of ahead(files, both)) {
    zip.add(entry);
    entry.pushPacked(deflated);
    if (out.writableNeedDrain) await Promise.race([once(out, 'drain'), failed]);
    told((done += 1));
  }
  zip.end();
  out.end();
  await Promise.race([once(out, 'finish'), failed]);
}
