import type { Layout } from '../../boxes/layout';

/** A badge beside a label. */
export const badgeLayout = {
  justifySelf: 'start',
  // Along its line, also where that runs from top to bottom.
  paddingBlock: { em: 0.1 },
  paddingInline: { em: 0.5 },
  fontSize: { em: 0.75 },
  lineHeight: 1.4,
} as const satisfies Layout;
