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

/** Where something stands in the window of a frame, in CSS px of its page. */
export interface FrameBox {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** An element that a frame tells of: what it is, which item of a menu it is where it is one, and where it stands. */
export interface FrameElement {
  tag: string;
  classes: readonly string[];
  nth: number | null;
  box: FrameBox;
}

/** What is found in a frame by a selector, or of items of menus by the ways to them in it. */
interface FrameTarget {
  selector: string;
  items: readonly { within: string | null; way: readonly number[] }[] | null;
}

/** A line in a frame, in CSS px of its page: from the end that stays where a length changes to the one that moves (x, y, x, y). */
export type FrameLine = readonly [number, number, number, number];

/** Where the target of a frame stands, the lines of the lengths that were asked for, null for one that is not seen, and how far it is from what is beside it. */
export interface FramePlace {
  target: FrameTarget | null;
  box: FrameBox | null;
  lines: readonly ({ stretch: string; lines: readonly FrameLine[] } | null)[];
  free: readonly FrameLine[];
  /** How its header stands on the page: at the top, or as scrolled. */
  phase: string;
}

/** What makes a frame say what is pointed at and clicked, in place of following links. */
export interface FramePointing {
  /** The selectors of items of menus, and of what they are counted in. */
  items: string;
  holders: string;
  /** What it says the place of. */
  target: FrameTarget | null;
  /** The lengths whose lines it says: the selectors of what each is seen on, and as which stretch. */
  dimensions: readonly (readonly { selector: string; stretch: string }[])[];
  /** The element under the pointer and what it stands in, outwards; null when the pointer left. */
  onPointed(chain: readonly FrameElement[] | null): void;
  onClicked(chain: readonly FrameElement[]): void;
  /** What was clicked twice, with the text that stands there. */
  onDoubled(chain: readonly FrameElement[], text: string): void;
  /** Where the target stands now. */
  onPlaced(place: FramePlace): void;
  onStep(step: 'out' | 'in' | 'before' | 'behind'): void;
}

/** What a frame says (public/frame-host.js). */
type FrameMessage =
  | { says: 'pointed'; chain: readonly FrameElement[] | null }
  | { says: 'clicked'; chain: readonly FrameElement[] }
  | { says: 'doubled'; chain: readonly FrameElement[]; text: string }
  | ({ says: 'placed' } & FramePlace)
  | { says: 'step'; step: 'out' | 'in' | 'before' | 'behind' }
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
  /** Left out where links are followed. */
  pointing?: FramePointing;
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
  pointing,
  ...on
}: PreviewFrameProps) {
  const frame = useRef<HTMLIFrameElement>(null);
  const ready = useRef<string | null>(null);
  const latest = useRef({ file, content, on, pointing });
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
    latest.current = { file, content, on, pointing };
  });

  const sendPointing = useCallback(() => {
    const { pointing: asked } = latest.current;
    if (!asked || ready.current === null) return;
    const { items, holders, target, dimensions } = asked;
    frame.current?.contentWindow?.postMessage({ pointing: { items, holders }, target, dimensions }, '*');
  }, []);
  useEffect(sendPointing, [sendPointing, pointing?.target, pointing?.dimensions]);

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
        sendPointing();
        if (data.file !== wanted && !first) told.onNavigate(data.file);
        else send();
      } else if (data.says === 'pointed') latest.current.pointing?.onPointed(data.chain);
      else if (data.says === 'clicked') latest.current.pointing?.onClicked(data.chain);
      else if (data.says === 'doubled') latest.current.pointing?.onDoubled(data.chain, data.text);
      else if (data.says === 'placed') latest.current.pointing?.onPlaced(data);
      else if (data.says === 'step') latest.current.pointing?.onStep(data.step);
      else if (data.says === 'drawer') told.onDrawer(data.drawer);
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
  }, [root, send, sendPointing]);

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
