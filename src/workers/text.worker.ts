import { textKey } from '@/core/text/advances';
import type { Shape } from '@/core/text/shaper';
import { fetchedShape, shaper } from './font-shape';
import type { TextAnswer, TextQuestion } from './text-messages';

const shapes = new Map<string, Promise<Shape | null>>();

async function measuredIn(font: TextQuestion['fonts'][number]) {
  const key = textKey(font.source, '');
  const known = shapes.get(key) ?? fetchedShape(font.source, font.address).catch(() => null);
  shapes.set(key, known);
  const shape = await known;
  // What could not be had is tried again when it is asked for again.
  if (shape === null) shapes.delete(key);
  return shape && { advances: font.texts.map(shape.advance), metrics: shape.metrics };
}

// HarfBuzz comes by itself only when the first text is asked for: a message that came before the listener would be lost.
addEventListener('message', ({ data: { number, fonts } }: MessageEvent<TextQuestion>) => {
  if (fonts.length === 0) void shaper().catch(() => {});
  void Promise.all(fonts.map(measuredIn)).then((measured) =>
    postMessage({
      number,
      advances: measured.map((font) => font && font.advances),
      metrics: measured.map((font) => font && font.metrics),
    } satisfies TextAnswer),
  );
});
