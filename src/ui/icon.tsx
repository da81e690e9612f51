import { createElement, type ReactNode } from 'react';
import { iconShapes, type IconName } from '@/core/icons/icons';
import type { Element, Node } from '@/core/markup/html';

/** Markup of the core as elements of the interface. */
function drawn(node: Node, index: number): ReactNode {
  if (!node || typeof node === 'string') return node || null;
  const { tag, attributes, children }: Element = node;
  return createElement(tag, { ...attributes, key: index }, ...children.map(drawn));
}

/** A sign of the shipped set, as large as the text that it stands in. */
export function Icon({ name }: { name: IconName }) {
  return (
    <svg
      viewBox="0 0 24 24"
      aria-hidden="true"
      style={{
        inlineSize: '1.2em',
        blockSize: '1.2em',
        flex: 'none',
        fill: 'none',
        stroke: 'currentcolor',
        strokeWidth: 2,
        strokeLinecap: 'round',
        strokeLinejoin: 'round',
      }}
    >
      {iconShapes(name).map(drawn)}
    </svg>
  );
}
