'use client';

import { useEffect, useRef, useState } from 'react';

/** The size of an element’s content box in px, kept up to date; 0 until it was measured. */
export function useSize<E extends HTMLElement>() {
  const element = useRef<E>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      setSize({ width, height });
    });
    if (element.current) observer.observe(element.current);
    return () => observer.disconnect();
  }, []);
  return [element, size] as const;
}
