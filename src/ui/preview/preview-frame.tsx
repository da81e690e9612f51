'use client';

import {
  useCallback,
  useEffect,
  useImperativeHandle,
  useLayoutEffect,
  useRef,
  useState,
  type Ref,
} from 'react';
import { sameBut } from '@/core/ids/same-but';
import type { Element } from '@/core/markup/html';
import { pageChange } from '@/core/markup/page-change';
import { stylesheetChange, type Stylesheet } from '@/core/markup/stylesheet';
import type {
  FrameAsked,
  FrameBox,
  FrameChain,
  FrameDimension,
  FramePlace,
  FramePoint,
  FramePointers,
  FrameSaid,
  FrameShown,
  FrameTarget,
} from '@/frame/messages';
import styles from './preview-frame.module.css';

/** What a frame shows: the very page and stylesheet that would be handed over, and which drawer stands open. */
export interface FrameContent {
  page: Element;
  css: Stylesheet;
  /** The id of the open drawer's element. */
  drawer: string | null;
  /** The selector of the drop-down that stands open; null or left out for none. */
  dropDown?: string | null;
  /** Whether the end of the page is to be in sight, for footers. */
  atEnd: boolean;
  /** Whether nothing moves, as for those who asked for less motion. */
  still?: boolean;
}

/** What makes a frame say what is pointed at and clicked, in place of following links. */
export interface FramePointing extends FramePointers {
  /** What it says the place of. */
  target: FrameTarget | null;
  /** The lengths whose lines it says: the selectors of what each is seen on, and as which stretch. */
  dimensions: readonly FrameDimension[];
  /** The element under the pointer and what it stands in, outwards; null when the pointer left. */
  onPointed(chain: FrameChain | null): void;
  /** With `more`, beside what was clicked before. */
  onClicked(chain: FrameChain, more: boolean): void;
  /** What was clicked twice, with the text that stands there. */
  onDoubled(chain: FrameChain, text: string): void;
  /** Where the target stands now. */
  onPlaced(place: FramePlace): void;
  onPressed(combo: string): void;
  /** Something is dragged: what it is, where the pointer is, and where it was let go of; null where it was not. */
  onGrasped(chain: FrameChain): void;
  onDragged(at: FramePoint): void;
  onDropped(at: FramePoint | null): void;
  /** What it says the boxes of, once, by selectors; null for nothing. */
  measure: readonly string[] | null;
  onMeasured(boxes: readonly (FrameBox | null)[]): void;
}

/** What is done with each thing that a frame says. */
type Heard = {
  [Says in FrameSaid['says']]: (said: Extract<FrameSaid, { says: Says }>) => void;
};

interface PreviewFrameProps {
  title: string;
  /** The address under which frames of this site stand: `/frame/SITE`. */
  root: string;
  /** The file of the page that the content is of; a frame that stands elsewhere goes there first. */
  file: string;
  /** Null as long as there is nothing to be shown yet. */
  content: FrameContent | null;
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
  /** Hears that something is about to be painted, and gives what hears that it was. */
  onPainting?(): () => void;
  /** Takes what shows something before its content is drawn with it. */
  handle?: Ref<FrameHandle>;
}

/** Shows a frame something ahead of its next content. */
export interface FrameHandle {
  /** Shows it until it is told otherwise, with null its content again. Gives what sends it: several frames that are told in one go paint it in the same picture. */
  show(ahead: Ahead | null): () => void;
}

/** What is shown ahead of a content, in its place. */
type Ahead = Pick<FrameContent, 'page' | 'css'>;

/** What a frame holds before it was sent anything. */
const NOTHING: Omit<FrameContent, 'page'> & { page: Element | null } = {
  page: null,
  css: [],
  drawer: null,
  atEnd: false,
};

/** After how long a frame that was sent something and did not hear it is taken to have stopped, in ms. */
const SILENCE = 10_000;

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
  handle,
  ...on
}: PreviewFrameProps) {
  const frame = useRef<HTMLIFrameElement>(null);
  // To the page that stands in the frame.
  const port = useRef<MessagePort | null>(null);
  const ready = useRef<string | null>(null);
  const latest = useRef({ file, content, on, pointing });
  const round = useRef(0);
  // The last round that it has painted, and what says that it has where that is waited for.
  const painted = useRef(0);
  const painting = useRef<(() => void) | null>(null);
  // What the frame holds already.
  const sent = useRef(NOTHING);
  const ahead = useRef<Ahead | null>(null);

  // What is sent is heard at once; a frame in which nothing hears any more is loaded anew, and that is said for a while.
  const waiting = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const [silent, setSilent] = useState(false);
  const giveUp = useCallback(() => {
    waiting.current = undefined;
    if (!frame.current) return;
    setSilent(true);
    ready.current = null;
    frame.current.src = `${root}/${latest.current.file}`;
  }, [root]);
  useEffect(
    () => () => {
      clearTimeout(waiting.current);
      painting.current?.();
      port.current?.close();
    },
    [],
  );
  useEffect(() => {
    if (!silent) return;
    const timer = setTimeout(() => setSilent(false), SILENCE);
    return () => clearTimeout(timer);
  }, [silent]);

  const ask = useCallback((asked: FrameAsked) => port.current?.postMessage(asked), []);

  /** What sends the frame all that it does not hold yet. */
  const sending = useCallback((): (() => void) => {
    const { file: wanted, content: drawn } = latest.current;
    const inside = frame.current?.contentWindow;
    if (!inside || ready.current === null || drawn === null) return () => {};
    if (ready.current !== wanted) {
      ready.current = null;
      inside.location.replace(new URL(`${root}/${wanted}`, window.location.href).href);
      return () => {};
    }
    const holds = sent.current;
    const shown = { ...drawn, ...ahead.current };
    if (sameBut(holds, shown)) return () => {};
    sent.current = shown;
    // One that does not keep up, as where it is not in sight, keeps nothing else waiting.
    if (painted.current === round.current) painting.current = latest.current.on.onPainting?.() ?? null;
    round.current += 1;
    const { page, css, drawer, dropDown = null, atEnd, still = false } = shown;
    const told: FrameShown = {
      page: pageChange(holds.page, page),
      css: stylesheetChange(holds.css, css),
      drawer,
      dropDown,
      atEnd,
      still,
      round: round.current,
    };
    waiting.current ??= setTimeout(giveUp, SILENCE);
    return () => ask({ asks: 'show', ...told });
  }, [root, giveUp, ask]);
  const send = useCallback(() => sending()(), [sending]);

  // Before the workbench itself is painted: the views wait for nothing.
  useLayoutEffect(() => {
    latest.current = { file, content, on, pointing };
  });

  const sendPointing = useCallback(() => {
    const { pointing: by } = latest.current;
    if (!by || ready.current === null) return;
    const { items, holders, keys, target, dimensions } = by;
    ask({ asks: 'point', pointers: { items, holders, keys }, target, dimensions });
  }, [ask]);
  useEffect(sendPointing, [sendPointing, pointing?.target, pointing?.dimensions]);

  const measure = pointing?.measure ?? null;
  useEffect(() => {
    if (measure !== null) ask({ asks: 'measure', selectors: measure });
  }, [ask, measure]);

  useLayoutEffect(send, [send, file, content]);

  const show = useCallback(
    (told: Ahead | null) => {
      if (told === ahead.current) return () => {};
      ahead.current = told;
      return sending();
    },
    [sending],
  );
  useImperativeHandle(handle, () => ({ show }), [show]);

  useEffect(() => {
    if (scrollTo !== undefined) ask({ asks: 'scroll', to: scrollTo });
  }, [ask, scrollTo]);

  useEffect(() => {
    const hear = ({ data }: MessageEvent<FrameSaid>) => {
      const { file: wanted, on: told, pointing: asked } = latest.current;
      const heard: Heard = {
        heard({ round: last }) {
          clearTimeout(waiting.current);
          // What answers, however late, is still there.
          waiting.current = last < round.current ? setTimeout(giveUp, SILENCE) : undefined;
        },
        ready({ file: stands }) {
          const first = ready.current === null;
          ready.current = stands;
          sent.current = NOTHING;
          sendPointing();
          if (stands !== wanted && !first) told.onNavigate(stands);
          else send();
        },
        painted({ round: last, at }) {
          performance.mark('gable-ridge-painted', { detail: at });
          painted.current = last;
          if (last === round.current) painting.current?.();
        },
        drawer: ({ drawer }) => told.onDrawer(drawer),
        leaves: ({ href }) => told.onLeave(href),
        opened: ({ opened }) => told.onOpened?.(opened),
        escape: () => told.onEscape?.(),
        scrolled: ({ top, most }) => told.onScroll?.(top, most),
        pointed: ({ chain }) => asked?.onPointed(chain),
        clicked: ({ chain, more }) => asked?.onClicked(chain, more),
        doubled: ({ chain, text }) => asked?.onDoubled(chain, text),
        placed: (place) => asked?.onPlaced(place),
        pressed: ({ combo }) => asked?.onPressed(combo),
        grasped: ({ chain }) => asked?.onGrasped(chain),
        dragged: ({ at }) => asked?.onDragged(at),
        dropped: ({ at }) => asked?.onDropped(at),
        measured: ({ boxes }) => asked?.onMeasured(boxes),
      };
      (heard[data.says] as (said: FrameSaid) => void)(data);
    };
    if (port.current) port.current.onmessage = hear;
    // A page that has come to stand in the frame says so with a port, through which all else is said.
    const listen = (event: MessageEvent<FrameSaid>) => {
      const [given] = event.ports;
      if (event.source !== frame.current?.contentWindow || !given) return;
      port.current?.close();
      port.current = given;
      given.onmessage = hear;
      hear(event);
    };
    window.addEventListener('message', listen);
    // A frame that was ready before this listener stood is asked to say so again by loading it anew.
    if (frame.current && !frame.current.src) frame.current.src = `${root}/${latest.current.file}`;
    return () => window.removeEventListener('message', listen);
  }, [root, send, sendPointing, giveUp]);

  return (
    <>
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
      {content === null && <p className={`quiet ${styles.said}`}>Texts are being measured…</p>}
      {silent && (
        <p role="status" className={`${styles.said} ${styles.silent}`}>
          This view did not answer, so it was drawn again.
        </p>
      )}
    </>
  );
}
