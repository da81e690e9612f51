import { useEffect, useRef, useState, type RefObject } from 'react';

/** Whether an element has come into sight, or near it: what is costly to draw waits for that. */
export function useSeen<T extends HTMLElement>(): [RefObject<T | null>, boolean] {
  const place = useRef<T>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    const watch = new IntersectionObserver(
      (entries) => {
        if (entries.some(({ isIntersecting }) => isIntersecting)) setSeen(true);
      },
      { rootMargin: '200px' },
    );
    watch.observe(place.current!);
    return () => watch.disconnect();
  }, []);
  return [place, seen];
}
