import { expect, test } from '@jest/globals';
import type { FontSource } from './font-source';
import { measuring, nothingMeasured } from './measuring';
import { textKey } from './advances';
import type { Shape } from './shaper';

const font = (name: string): FontSource => ({ from: 'shipped', name, weight: null, language: 'en' });
const [body, heading] = [font('body'), font('heading')];
const metrics = { ascent: 0.9, descent: 0.3, gap: 0 };
const even: Shape = { advance: (text) => text.length / 2, lacks: (character) => character === '⛵', metrics };

/** Fonts by their names that come one by one, each with how often it was asked for. */
function fonts(comes: (name: string) => Promise<Shape | null> = async () => even) {
  const asked: string[] = [];
  const shapeOf = (source: FontSource) => {
    asked.push(source.name);
    return comes(source.name);
  };
  return { asked, shapeOf };
}

test('work is done again once the fonts that it asked for have come, each asked for once', async () => {
  const { asked, shapeOf } = fonts();
  const measured = measuring(shapeOf);
  let times = 0;
  const width = await measured((advances) => {
    times += 1;
    return [advances.of(body, 'One'), advances.of(body, 'Three'), advances.of(heading, 'Two')];
  });
  expect([width, times, asked]).toEqual([[1.5, 2.5, 1.5], 2, ['body', 'heading']]);
  expect(await measured((advances) => advances.of(body, 'Four'))).toBe(2);
  expect(asked).toHaveLength(2);
});

test('a font is on its way while the work that asked for it goes on', async () => {
  const { asked, shapeOf } = fonts();
  const seen: number[] = [];
  await measuring(shapeOf)((advances) => {
    advances.of(body, 'One');
    seen.push(asked.length);
  });
  expect(seen[0]).toBe(1);
});

test('what was measured elsewhere is known without its font, but for what a font lacks', async () => {
  const { asked, shapeOf } = fonts();
  const known = nothingMeasured();
  known.widths.set(textKey(body, 'One'), 7);
  known.metrics.set(textKey(body, ''), metrics);
  const measured = measuring(shapeOf, known);
  expect(await measured((advances) => [advances.of(body, 'One'), advances.metrics!(body)])).toEqual([
    7,
    metrics,
  ]);
  expect(asked).toEqual([]);
  expect(await measured((advances) => advances.lacks!(body, '⛵'))).toBe(true);
  expect(await measured((advances) => advances.of(body, 'Two'))).toBe(1.5);
  expect(known.widths.get(textKey(body, 'Two'))).toBe(1.5);
});

test('a font that cannot be had leaves its texts unmeasured, and is asked for again the next time', async () => {
  const { asked, shapeOf } = fonts(async (name) => (name === 'body' ? null : even));
  const measured = measuring(shapeOf);
  const widths = () => measured((advances) => [advances.of(body, 'One'), advances.of(heading, 'One')]);
  expect(await widths()).toEqual([null, 1.5]);
  expect(await widths()).toEqual([null, 1.5]);
  expect(asked).toEqual(['body', 'heading', 'body']);
});

test('work that fails fails, whatever becomes of the fonts that it asked for', async () => {
  const { shapeOf } = fonts(async () => Promise.reject(new Error('no such font')));
  const measured = measuring(shapeOf);
  const failing = measured((advances) => {
    advances.of(body, 'One');
    throw new Error('no such work');
  });
  await expect(failing).rejects.toThrow('no such work');
  await expect(measured((advances) => advances.of(body, 'One'))).rejects.toThrow('no such font');
});
