import { readFileSync } from 'node:fs';
import { deflateSync } from 'node:zlib';
import { asSfnt } from '../../src/server/bytes/sfnt';

/** Fonts that claim or hold what they should not, made from one that is sound. */

const woff = readFileSync('node_modules/@fontsource/archivo/files/archivo-latin-400-normal.woff');

interface Table {
  tag: string;
  bytes: Buffer;
}

/** The tables of a plain font (OpenType 1.9, "Table Directory"). */
function tablesOf(font: Buffer): Table[] {
  return Array.from({ length: font.readUInt16BE(4) }, (_, index) => {
    const at = 12 + index * 16;
    const offset = font.readUInt32BE(at + 8);
    return {
      tag: font.toString('latin1', at, at + 4),
      bytes: font.subarray(offset, offset + font.readUInt32BE(at + 12)),
    };
  });
}

/** A plain font of tables; checksums are left out, since nobody looks at them. */
function fontOf(tables: readonly Table[]): Buffer {
  const head = Buffer.alloc(12 + tables.length * 16);
  head.writeUInt32BE(0x00010000, 0);
  head.writeUInt16BE(tables.length, 4);
  let offset = head.length;
  const bodies = tables.map(({ tag, bytes }, index) => {
    const at = 12 + index * 16;
    head.write(tag, at, 'latin1');
    head.writeUInt32BE(offset, at + 8);
    head.writeUInt32BE(bytes.length, at + 12);
    const padded = Buffer.alloc((bytes.length + 3) & ~3);
    bytes.copy(padded);
    offset += padded.length;
    return padded;
  });
  return Buffer.concat([head, ...bodies]);
}

async function withTable(tag: string, change: (bytes: Buffer) => Buffer): Promise<Buffer> {
  const tables = tablesOf(await asSfnt(woff));
  return fontOf(
    tables.map((table) => (table.tag === tag ? { tag, bytes: change(Buffer.from(table.bytes)) } : table)),
  );
}

/** A `cmap` of format 12 with one group from 0 to a letter (OpenType 1.9, "cmap", format 12). */
function oneGroup(last: number): Buffer {
  const cmap = Buffer.alloc(12 + 16 + 12);
  cmap.writeUInt16BE(1, 2);
  cmap.writeUInt16BE(3, 4);
  cmap.writeUInt16BE(10, 6);
  cmap.writeUInt32BE(12, 8);
  cmap.writeUInt16BE(12, 12);
  cmap.writeUInt32BE(28, 16);
  cmap.writeUInt32BE(1, 24);
  cmap.writeUInt32BE(last, 32);
  return cmap;
}

/** A WOFF whose first table says that it is this long, and holds so many zeros (WOFF 1.0, 5). */
function packedZeros(said: number, held: number): Buffer {
  const zeros = deflateSync(Buffer.alloc(held));
  const file = Buffer.alloc(44 + 20 + zeros.length);
  woff.copy(file, 0, 0, 44);
  file.writeUInt32BE(file.length, 8);
  file.writeUInt16BE(1, 12);
  file.writeUInt32BE(said, 16);
  file.write('glyf', 44, 'latin1');
  file.writeUInt32BE(64, 48);
  file.writeUInt32BE(zeros.length, 52);
  file.writeUInt32BE(said, 56);
  zeros.copy(file, 64);
  return file;
}

/** The font with some of its bytes changed, told by a number: the same ones each time. */
export function damagedFont(seed: number): Buffer {
  const bytes = Buffer.from(woff);
  let state = seed * 2654435761 + 1;
  const next = (below: number) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state % below;
  };
  for (let count = 0; count < 12; count += 1) bytes[44 + next(bytes.length - 44)] = next(256);
  return bytes;
}

export const hostileFonts: {
  what: string;
  name: string;
  bytes(): Promise<Buffer> | Buffer;
  answer: RegExp;
}[] = [
  {
    what: 'a cmap that claims 134 million letters',
    name: 'a.ttf',
    bytes: () => withTable('cmap', () => oneGroup(0x7ffffff)),
    answer: /^taken$|cannot be read to its end/,
  },
  {
    what: 'a cmap that claims every number there is',
    name: 'b.ttf',
    bytes: () => withTable('cmap', () => oneGroup(0xffffffff)),
    answer: /^taken$|cannot be read to its end/,
  },
  {
    what: 'a cmap cut off in its head',
    name: 'c.ttf',
    bytes: () => withTable('cmap', (bytes) => bytes.subarray(0, 3)),
    answer: /cannot be read to its end/,
  },
  {
    what: 'a cmap whose ranges lead anywhere',
    name: 'd.ttf',
    bytes: () =>
      withTable('cmap', (bytes) => {
        bytes.fill(0xff, 24);
        return bytes;
      }),
    answer: /cannot be read to its end/,
  },
  {
    what: 'a WOFF that says it unpacks to 1.9 GB',
    name: 'e.woff',
    bytes: () => packedZeros(1_900_000_000, 1_000_000),
    answer: /cannot be read to its end/,
  },
  {
    what: 'a WOFF that unpacks to more than it says',
    name: 'f.woff',
    bytes: () => packedZeros(1000, 200_000_000),
    answer: /cannot be read to its end/,
  },
  {
    what: 'a WOFF without tables',
    name: 'g.woff',
    bytes() {
      const bytes = Buffer.from(woff.subarray(0, 44));
      bytes.writeUInt16BE(0, 12);
      return bytes;
    },
    answer: /cannot be read to its end/,
  },
];
