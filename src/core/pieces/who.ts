import type { Rules } from '../markup/css';
import { choiceKind } from '../properties/kinds/choice';
import { property } from '../properties/property';

/** Whether somebody is signed in, for pieces that show other things then. */
export const shows = property({
  name: 'shows',
  label: 'Until the site says it',
  group: 'Content',
  kind: choiceKind({ out: 'signed out', in: 'signed in' }),
  by: null,
  initial: 'out',
});

/** What such a piece comes to show by itself. */
export const foreseenWho = [
  { id: 'signed-in', label: 'Signed in', values: { shows: 'in' as const } },
  { id: 'signed-out', label: 'Signed out', values: { shows: 'out' as const } },
];

/** What shows when the site has said it: `data-account` on the root element is `in` or `out`; `.KIND-in` and `.KIND-out` are shown so. */
export const whoCss = (kind: string, display: { in: string; out: string }): Rules => ({
  [`:root[data-account="in"] .${kind}-out, :root[data-account="out"] .${kind}-in`]: { display: 'none' },
  [`:root[data-account="in"] .${kind}-in`]: { display: display.in },
  [`:root[data-account="out"] .${kind}-out`]: { display: display.out },
});
