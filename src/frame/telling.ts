import type { FrameAsked, FrameSaid } from './messages';

// A port of its own: what is said through it goes from one process of the browser to the other at once. What is sent to a window is kept
// waiting where the one that sends it is about to be painted, as after each key.
const { port1: workbench, port2: port } = new MessageChannel();

/** Tells the workbench something. */
export const tell = (said: FrameSaid): void => workbench.postMessage(said);

/** The page that stands here, which sends all that there is. */
const ready = (): FrameSaid => ({ says: 'ready', file: location.pathname.split('/').slice(3).join('/') });

/** Asks for everything anew. */
export const tellReady = (): void => tell(ready());

/** Begins to hear what the workbench asks. */
export function hear(answers: {
  [Asks in FrameAsked['asks']]: (asked: Extract<FrameAsked, { asks: Asks }>) => void;
}): void {
  workbench.onmessage = ({ data }: MessageEvent<FrameAsked>) =>
    (answers[data.asks] as (asked: FrameAsked) => void)(data);
  window.parent.postMessage(ready(), '*', [port]);
}
