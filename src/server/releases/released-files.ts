import type { Db } from '../db/open';
import type { HandedOver } from '../handover/rendered';
import { objectAt, unpacked } from '../objects/objects';
import { filesOf } from './releases';

/** The files of a release as they were frozen, one read after another. */
export function releasedFiles(
  db: Db,
  site: string,
  number: number,
): { count: number; files: AsyncGenerator<HandedOver> } {
  const list = filesOf(db, site, number);
  return {
    count: list.length,
    files: (async function* () {
      for (const { path, hash, readable } of list)
        yield { path, bytes: unpacked(objectAt(db, hash)), readable };
    })(),
  };
}
