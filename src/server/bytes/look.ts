import type { BlobKind } from './blobs';
import { ingestArtwork, type ReadArtwork } from './artwork';
import { ingestFile, type ReadFile } from './file';
import { ingestFont, type ReadFont } from './font';
import type { Ingestion } from './ingestion';

/** What is read of bytes, by what they are looked at as. */
export interface Read {
  artwork: ReadArtwork;
  fonts: ReadFont;
  files: ReadFile;
}

/** Looks at bytes as what they are to be, and says what they hold or why they are refused. */
export type Look = <K extends BlobKind>(kind: K, bytes: Buffer, name: string) => Promise<Ingestion<Read[K]>>;

const ways: {
  [K in BlobKind]: (bytes: Buffer, name: string) => Ingestion<Read[K]> | Promise<Ingestion<Read[K]>>;
} = {
  artwork: ingestArtwork,
  fonts: ingestFont,
  files: ingestFile,
};

/** Looks at bytes here and now. The server does so in a process of its own (jobs/looking.ts), which may be ended. */
export const lookHere: Look = async (kind, bytes, name) => ways[kind](bytes, name);

/** What bytes can be looked at as. */
export const isBlobKind = (kind: string): kind is BlobKind => Object.hasOwn(ways, kind);
