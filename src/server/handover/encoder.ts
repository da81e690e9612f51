/** Pieces from this length on are kept as bytes, in characters: shorter ones are encoded sooner than they are found. */
const WORTH_KEEPING = 1024;

/** How much is kept as bytes, in characters. */
const MOST_KEPT = 16_000_000;

/**
 * Encodes texts that come in pieces (UTF-8). A piece that stands in many texts is the same string in each, and is encoded once: of a
 * site with a large menu nearly all of every page is such.
 */
export function encoder(): (pieces: readonly string[]) => Buffer {
  const known = new Map<string, Buffer>();
  let kept = 0;
  const encoded = (piece: string): Buffer => {
    const found = known.get(piece);
    if (found) return found;
    const bytes = Buffer.from(piece);
    if (kept + piece.length > MOST_KEPT) {
      known.clear();
      kept = 0;
    }
    known.set(piece, bytes);
    kept += piece.length;
    return bytes;
  };
  return (pieces) => {
    const parts: Buffer[] = [];
    let short = '';
    const flush = () => {
      if (short !== '') parts.push(Buffer.from(short));
      short = '';
    };
    for (const piece of pieces) {
      if (piece.length < WORTH_KEEPING) short += piece;
      else {
        flush();
        parts.push(encoded(piece));
      }
    }
    flush();
    return Buffer.concat(parts);
  };
}
