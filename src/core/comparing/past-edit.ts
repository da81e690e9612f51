/** Something that was done to a site: one gesture, with the revisions that it brought. */
export interface PastEdit {
  /** What it was, in words. */
  title: string;
  kind: 'edit' | 'undo' | 'redo';
  /** Its first revision and its last. */
  from: number;
  to: number;
  /** When its last revision came, as ISO 8601 in universal time. */
  at: string;
}

/** What was done, as it is told: a step back or forward names the edit that it was over. */
export const pastEditText = ({ kind, title }: Pick<PastEdit, 'kind' | 'title'>): string =>
  ({ edit: title, undo: `Taken back: ${title}`, redo: `Done again: ${title}` })[kind];
