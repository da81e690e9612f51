import type { CSSProperties } from 'react';
import { tokenKindOf } from '@/core/brand/tokens';
import type { Easing } from '@/core/brand/tokens/easing';
import type { Token, TokenFamily } from '@/core/brand/tokens/token-kind';
import { seenColour } from '@/core/site/seen-colour';
import type { Site } from '@/core/site/site';
import styles from './brand.module.css';

/** The curve of an easing in a square of 24 px. */
function Curve({ value: [x1, y1, x2, y2] }: { value: Easing }) {
  const at = (x: number, y: number) => `${2 + x * 20} ${22 - y * 20}`;
  return (
    <svg viewBox="0 0 24 24" width={24} height={24} aria-hidden="true" style={{ overflow: 'visible' }}>
      <path
        d={`M${at(0, 0)} C${at(x1, y1)} ${at(x2, y2)} ${at(1, 1)}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
    </svg>
  );
}

/** How a value of each family is shown by CSS on a small box; those without an entry are shown otherwise or not at all. */
const looks: Partial<Record<TokenFamily, (css: string) => CSSProperties>> = {
  colours: (css) => ({ background: css }),
  radii: (css) => ({ borderRadius: css, background: 'var(--line)' }),
  borders: (css) => ({ borderBlockStart: css, blockSize: 12, background: 'none', outline: 0 }),
  shadows: (css) => ({ boxShadow: css, background: '#fff', outline: 0 }),
};

/** A small picture of a token’s value. */
export function TokenSample({ site, family, token }: { site: Site; family: TokenFamily; token: Token }) {
  if (family === 'easings') return <Curve value={token.value as Easing} />;
  const style = looks[family];
  if (!style) return null;
  const css = tokenKindOf(family).css(token.value, (_, id) => seenColour(site, id));
  return <span className={styles.sample} style={style(css)} aria-hidden="true" />;
}
