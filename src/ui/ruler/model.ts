/** A band on the ruler; `edge` says how far its lower edge may be moved, null for the narrowest. */
export interface RulerBand {
  id: string;
  name: string;
  from: number;
  to: number;
  edge: { least: number; most: number; below: string } | null;
}

/** A view's handle: its width and how far it may go. */
export interface RulerView {
  id: string;
  name: string;
  width: number;
  least: number;
  most: number;
}

/** What rules do over a stretch of widths. */
export interface RulerRule {
  from: number;
  to: number;
  text: string;
  /** Widths below which they go a step further. */
  steps: readonly number[];
}

/** How things stand over a stretch of widths. */
export interface RulerStretch {
  from: number;
  to: number;
  /** Which pattern shows it: one of the classes of the strip. */
  status: 'fits' | 'tight' | 'wraps' | 'overflows';
  text: string;
}
