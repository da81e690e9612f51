import type { Finding } from '@/core/checks/finding';
import type { Moved } from '@/core/checks/moved';
import type { DocumentChange } from './document-change';

/** What the worker of the checks is asked: what of the document changed since it was last asked. */
export interface ChecksQuestion {
  number: number;
  change: DocumentChange;
}

/** All that was found, or why nothing could be. */
export type ChecksAnswer = { number: number } & (
  | {
      findings: readonly Finding[];
      /** What else changed since the site was last looked over; null the first time. */
      moved: readonly Moved[] | null;
    }
  | { failed: string }
);
