import type { Finding } from '@/core/checks/finding';
import type { Moved } from '@/core/checks/moved';
import type { Site } from '@/core/site/site';
import type { DocumentChange } from './document-change';

/** What the worker of the checks is asked to look over: what of the document changed since it was last asked. */
export interface ChecksQuestion {
  number: number;
  change: DocumentChange;
  /** The site as it was opened, where it was edited before it is looked over for the first time. */
  opened?: Site;
}

/** What else it is asked: what moved between two states of a site, whatever it looked over last. */
export interface MovedQuestion {
  number: number;
  before: Site;
  after: Site;
}

/** What moved, or why that could not be told. */
export type MovedAnswer = { number: number } & ({ moved: readonly Moved[] } | { failed: string });

/** All that was found, or why nothing could be. */
export type ChecksAnswer = { number: number } & (
  | {
      findings: readonly Finding[];
      /** What else changed since the site was last looked over; null the first time. */
      moved: readonly Moved[] | null;
    }
  | { failed: string }
);
