'use client';

import { useCallback, useEffect, useRef } from 'react';
import { textChange } from './text-change';

/** What a frame shows: the very text that would be handed over, and which drawer stands open. */
export interface FrameContent {
  html: string;
  css: string;
  /** The id of the open drawer's element. */
  drawer: string | null;
  /** The selector of the drop-down that stands open; null or left out for none. */
  dropDown?: string | null;
  /** Whether the end of the page is to be in sight, for footers. */
  atEnd: boolean;
  /** Whether nothing moves, as for those who asked for less motion. */
  still?: boolean;
}

/** What a frame says (public/frame-host.js). */
type FrameMessage =
  | { says: 'ready'; file: string }
  | { says: 'painted'; round: number; at: number }
  | { says: 'drawer'; drawer: string | null }
  | { says: 'leaves'; href: string }
  | { says: 'opened'; opened: boolean }
  | { says: 'escape' }
  | { says: 'scrolled'; top: number; most: number };

interface PreviewFrameProps {
  title: string;
  /** The address under which frames of this site stand: `/frame/SITE`. */
  root: string;
  /** The file of the page that the content is of; a frame that stands elsewhere goes there first. */
  file: string;
  content: FrameContent;
  /** In CSS px of the page inside. */
  width: number;
  height: number;
  scale: number;
  /** A link inside was followed to another page of the site. */
  onNavigate(file: string): void;
  /** The drawer was opened or closed from inside. */
  onDrawer(drawer: string | null): void;
  /** A link inside leads out of the site, where a preview does not go. */
  onLeave(href: string): void;
  /** A drop-down, a drawer or the like was opened inside, or nothing is open any more. */
  onOpened?(opened: boolean): void;
  /** Escape was pressed inside, where nothing was open. */
  onEscape?(): void;
  /** The page inside was scrolled, or can be scrolled otherwise than before: in CSS px. */
  onScroll?(top: number, most: number): void;
  /** Where the page inside is to be scrolled to, when it is not there yet. */
  scrollTo?: number;
}

/** One live view of a page, in a frame of an opaque origin, drawn to a scale. */
export function PreviewFrame({
  title,
  root,
  file,
  content,
  width,
  height,
  scale,
  scrollTo,
  ...on
}: PreviewFrameProps) {
  const frame = useRef<HTMLIFrameElement>(null);
  const ready = useRef<string | null>(null);
  const latest = useRef({ file, content, on });
  const round = useRef(0);
  // What the frame holds already.
  const sent = useRef({ html: '', css: '' });

  const send = useCallback(() => {
    const { file: wanted, content: shown } = latest.current;
    const inside = frame.current?.contentWindow;
    if (!inside || ready.current === null) return;
    if (ready.current !== wanted) {
      ready.current = null;
      inside.location.replace(new URL(`${root}/${wanted}`, window.location.href).href);
      return;
    }
    round.current += 1;
    const { html, css, drawer, dropDown = null, atEnd, still = false } = shown;
    const changes = { html: textChange(sent.current.html, html), css: textChange(sent.current.css, css) };
    sent.current = { html, css };
    inside.postMessage({ ...changes, drawer, dropDown, atEnd, still, round: round.current }, '*');
  }, [root]);

  useEffect(() => {
    latest.current = { file, content, on };
  });

  useEffect(send, [send, file, content]);

  useEffect(() => {
    if (scrollTo !== undefined) frame.current?.contentWindow?.postMessage({ scrollTo }, '*');
  }, [scrollTo]);

  useEffect(() => {
    const listen = (event: MessageEvent<FrameMessage>) => {
      if (event.source !== frame.current?.contentWindow) return;
      const { data } = event;
      const { file: wanted, on: told } = latest.current;
      if (data.says === 'ready') {
        const first = ready.current === null;
        ready.current = data.file;
        sent.current = { html: '', css: '' };
        if (data.file !== wanted && !first) told.onNavigate(data.file);
        else send();
      } else if (data.says === 'drawer') told.onDrawer(data.drawer);
      else if (data.says === 'leaves') told.onLeave(data.href);
      else if (data.says === 'opened') told.onOpened?.(data.opened);
      else if (data.says === 'escape') told.onEscape?.();
      else if (data.says === 'scrolled') told.onScroll?.(data.top, data.most);
      else performance.mark('gable-ridge-painted', { detail: data.at });
    };
    window.addEventListener('message', listen);
    // A frame that was ready before this listener stood is asked to say so again by loading it anew.
    if (frame.current && !frame.current.src) frame.current.src = `${root}/${latest.current.file}`;
    return () => window.removeEventListener('message', listen);
  }, [root, send]);

  return (
    <iframe
      ref={frame}
      title={title}
      sandbox="allow-scripts"
      style={{
        inlineSize: width,
        blockSize: height,
        border: 0,
        background: '#fff',
        transform: `scale(${scale})`,
        transformOrigin: '0 0',
      }}
    />
  );
}
