import { inflateSync } from 'node:zlib';

/** The length of a table's entry in the directory of a font (OpenType 1.9, "Table Directory"). */
const ENTRY = 16;
/** The length of what stands before the directory. */
const HEAD = 12;

const padded = (length: number) => (length + 3) & ~3;

/** The most bytes that a font may have when it is unpacked; a large one for Chinese has 20 MB. */
const MOST_UNPACKED = 64 * 1024 * 1024;

/** What a font says that it is when it is unpacked, in bytes (WOFF 1.0, 4; WOFF 2.0, 4.1: `totalSfntSize`). */
function unpackedSize(packed: Buffer): number {
  return packed.readUInt32BE(16);
}

/** The tables of a WOFF file under a directory of plain OpenType (WOFF 1.0, 4 and 5). Throws where it is torn, or larger than it may be. */
function fromWoff(woff: Buffer): Buffer {
  const count = woff.readUInt16BE(12);
  if (count === 0) throw new Error('The font has no tables');
  let room = MOST_UNPACKED;
  const entries = Array.from({ length: count }, (_, index) => {
    const at = 44 + index * 20;
    const [offset, held, length] = [4, 8, 12].map((more) => woff.readUInt32BE(at + more)) as [
      number,
      number,
      number,
    ];
    if (offset + held > woff.length || held > length) throw new Error('A table lies outside of the file');
    room -= length;
    if (room < 0) throw new Error('The font is too large when it is unpacked');
    const bytes = woff.subarray(offset, offset + held);
    return {
      tag: woff.subarray(at, at + 4),
      checksum: woff.readUInt32BE(at + 16),
      // A table that gets no smaller stands as it is.
      bytes: held < length ? inflated(bytes, length) : bytes,
    };
  });
  const start = HEAD + count * ENTRY;
  const font = Buffer.alloc(entries.reduce((sum, { bytes }) => sum + padded(bytes.length), start));
  const power = Math.floor(Math.log2(count));
  woff.copy(font, 0, 4, 8);
  font.writeUInt16BE(count, 4);
  font.writeUInt16BE(2 ** power * ENTRY, 6);
  font.writeUInt16BE(power, 8);
  font.writeUInt16BE(count * ENTRY - 2 ** power * ENTRY, 10);
  let offset = start;
  entries.forEach(({ tag, checksum, bytes }, index) => {
    const at = HEAD + index * ENTRY;
    tag.copy(font, at);
    font.writeUInt32BE(checksum, at + 4);
    font.writeUInt32BE(offset, at + 8);
    font.writeUInt32BE(bytes.length, at + 12);
    bytes.copy(font, offset);
    offset += padded(bytes.length);
  });
  return font;
}

/** Unpacked bytes, which have to be as many as were announced. */
function inflated(bytes: Buffer, length: number): Buffer {
  const out = inflateSync(bytes, { maxOutputLength: length });
  if (out.length !== length) throw new Error('A table is not as long as it says');
  return out;
}

let unpacking: Promise<unknown> = Promise.resolve();

/**
 * WOFF2 is unpacked one after the other: the library gives a view of memory of its own, which the next call writes over, also before
 * the first caller goes on.
 */
function fromWoff2(bytes: Buffer): Promise<Buffer> {
  if (unpackedSize(bytes) > MOST_UNPACKED)
    return Promise.reject(new Error('The font is too large when it is unpacked'));
  const unpacked = unpacking.then(async () => {
    const { default: woff2 } = await import('wawoff2');
    return Buffer.from(await woff2.decompress(bytes));
  });
  unpacking = unpacked.catch(() => null);
  return unpacked;
}

/** A font of any format that is taken, as plain OpenType or TrueType; throws when it is torn. */
export async function asSfnt(bytes: Buffer): Promise<Buffer> {
  const signature = bytes.subarray(0, 4).toString('latin1');
  if (signature === 'wOFF') return fromWoff(bytes);
  return signature === 'wOF2' ? fromWoff2(bytes) : bytes;
}
