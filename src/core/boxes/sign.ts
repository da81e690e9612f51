import { ICON_SIZE } from '../icons/icons';
import type { Length } from '../lengths/formula';
import { box, words, type Box } from './box';
import type { Layout } from './layout';

/** A sign: as large as was said, else with the text beside it. It is never narrowed, and stands on the middle line. */
export function signLayout(size: Length | null = null) {
  const length = size ?? { em: ICON_SIZE };
  return {
    flexShrink: 0,
    alignSelf: 'center',
    inlineSize: length,
    blockSize: length,
  } as const satisfies Layout;
}

/** A sign of a piece. */
export const sign = ({ iconSize = null }: { iconSize?: Length | null }): Box =>
  box('.icon', signLayout(iconSize), []);

/**
 * How a sign and words stand beside each other: the sign on the middle line, the words on their baseline, which is then that
 * of the whole, wherever it stands beside other texts.
 */
export const signAndWords = {
  display: 'inline-flex',
  alignItems: 'baseline',
  gap: { em: 0.5 },
  whiteSpace: 'nowrap',
} as const satisfies Layout;

/** A sign, where there is one, and words beside it. */
export function signThenWords(
  values: { iconSize?: Length | null },
  icon: string | null,
  said: string,
): Box[] {
  return icon === null ? [words(said)] : [sign(values), words(said)];
}
