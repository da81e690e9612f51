'use client';

import * as v from 'valibot';
import { useKept } from '@/ui/use-kept';

/** Shares of the workbench in percent: as they come, and how far its edges can be moved. */
export const shares = {
  /** How much of its height the views have, and how much where something is open in one. */
  views: { usual: 40, least: 18, most: 66 },
  opened: { usual: 60, least: 18, most: 66 },
  /** How much of the width below the ruler the plan has. */
  plan: { usual: 44, least: 22, most: 72 },
};
type Room = Record<keyof typeof shares, number>;

const share = ({ usual, least, most }: (typeof shares)[keyof typeof shares]) =>
  v.optional(v.pipe(v.number(), v.minValue(least), v.maxValue(most)), usual);
const roomSchema = v.object({
  views: share(shares.views),
  opened: share(shares.opened),
  plan: share(shares.plan),
});
const usual = v.parse(roomSchema, {});

/** How the workbench is divided, kept in this browser for all sites. */
export function useRoom(): [Room, (change: Partial<Room>) => void] {
  const [kept, keep] = useKept('gable-ridge-room', roomSchema);
  const room = kept ?? usual;
  return [room, (change) => keep({ ...room, ...change })];
}
