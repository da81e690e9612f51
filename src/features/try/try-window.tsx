'use client';

import { useEffect, useRef, useState } from 'react';
import type { Site } from '@/core/site/site';
import { toldBy, type Asked, type Drawn, type Told } from './try-frame';

interface TryWindowProps {
  title: string;
  site: Site;
  /** The address of the site in its circumstances. */
  root: string;
  /** The page that it shows: gone to where one is elsewhere. */
  file: string;
  drawn: Drawn;
  scripts: boolean;
  asked: Asked;
  /** How far down it is to be, from 0 to 1; null where it stays. */
  scrolled: number | null;
  onTold(told: Told): void;
}

/** How much two windows may differ in how far down they are before one follows the other. */
const ALIKE = 0.004;

/** One window of the tried site, drawn to a scale. It is put in anew for other circumstances. */
export function TryWindow({
  title,
  site,
  root,
  file,
  drawn,
  scripts,
  asked,
  scrolled,
  onTold,
}: TryWindowProps) {
  const frame = useRef<HTMLIFrameElement>(null);
  const [first] = useState(`${root}/${file}`);
  const at = useRef({ file, scrolled: 0 });
  // A page that comes in stands at its top, and is first to go where the other window is.
  const coming = useRef(true);
  const latest = useRef({ onTold, site, file, asked, scrolled });
  useEffect(() => {
    latest.current = { onTold, site, file, asked, scrolled };
  });

  useEffect(() => {
    const hear = (event: MessageEvent) => {
      if (event.source !== frame.current?.contentWindow) return;
      const told = toldBy(latest.current.site, event.data);
      if (!told) return;
      at.current = told;
      const { file: wanted, asked: wish, scrolled: other } = latest.current;
      const follows = coming.current && told.file === wanted && other !== null;
      coming.current = false;
      if (follows)
        frame.current?.contentWindow?.postMessage({ asks: 'tried', ...wish, scrolled: other }, '*');
      latest.current.onTold(follows ? { ...told, scrolled: other } : told);
    };
    window.addEventListener('message', hear);
    return () => window.removeEventListener('message', hear);
  }, []);

  useEffect(() => {
    if (!frame.current || at.current.file === file) return;
    coming.current = true;
    frame.current.src = `${root}/${file}`;
  }, [root, file]);

  useEffect(() => {
    const far = scrolled !== null && Math.abs(scrolled - at.current.scrolled) > ALIKE;
    const message = { asks: 'tried', ...asked, ...(far ? { scrolled } : {}) };
    frame.current?.contentWindow?.postMessage(message, '*');
  }, [asked, scrolled]);

  return (
    <iframe
      ref={frame}
      title={title}
      src={first}
      sandbox={`allow-popups allow-forms${scripts ? ' allow-scripts' : ''}`}
      // A page that has come knows nothing yet of what is asked.
      onLoad={() => frame.current?.contentWindow?.postMessage({ asks: 'tried', ...asked }, '*')}
      style={{ inlineSize: drawn.width, blockSize: drawn.height, scale: String(drawn.scale) }}
    />
  );
}
