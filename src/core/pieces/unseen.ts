import { AS_IT_COMES, type Declarations } from '../markup/css';

/** A label that is seen, or kept for those who listen: the same properties either way, so that a narrower band can change it. */
export function labelCss(seen: boolean): Declarations {
  return {
    position: seen ? 'static' : 'absolute',
    'inline-size': seen ? 'auto' : '1px',
    'block-size': seen ? 'auto' : '1px',
    overflow: seen ? 'visible' : 'hidden',
    'clip-path': seen ? 'none' : 'inset(50%)',
  };
}

/** The same for a label that is seen unless something else is said, so that nothing is written for those that are. */
export function usuallySeenCss(seen: boolean): Declarations {
  const unseen = labelCss(false);
  return seen ? Object.fromEntries(Object.keys(unseen).map((name) => [name, AS_IT_COMES])) : unseen;
}
