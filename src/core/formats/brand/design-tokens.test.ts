import { expect, test } from '@jest/globals';
import { applyEdits } from '../../edit/apply';
import { countedIds, sampleSite } from '../../site/sample.test-data';
import type { Site } from '../../site/site';
import { readDesignTokens } from './read-design-tokens';
import { writeDesignTokens } from './write-design-tokens';

function read(text: string | object, site: Site = sampleSite()) {
  return readDesignTokens(
    typeof text === 'string' ? text : JSON.stringify(text, null, 1),
    site,
    countedIds(),
  );
}

function applied(site: Site, text: string | object): Site {
  const outcome = applyEdits(
    site,
    read(text, site).found.flatMap((found) => found.edits),
  );
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

test('a brand that is written and read again is the same: nothing to change', () => {
  const { found, problems } = read(writeDesignTokens(sampleSite()));
  expect(problems).toEqual([]);
  expect(found.length).toBeGreaterThan(25);
  expect(found.filter((each) => each.change !== 'same')).toEqual([]);
});

test('a brand with everything changed comes through into another site', () => {
  const changed = applied(sampleSite(), {
    colour: {
      $type: 'color',
      Sea: { $value: { colorSpace: 'oklch', components: [0.6, 0.1, 200] } },
      Ink: { $value: '{colour.Sea}' },
    },
    radius: { $type: 'dimension', Small: { $value: { value: 0.5, unit: 'rem' } } },
    shadow: {
      $type: 'shadow',
      Deep: {
        $value: {
          offsetX: { value: 0, unit: 'px' },
          offsetY: { value: 9, unit: 'px' },
          blur: { value: 20, unit: 'px' },
          spread: { value: 0, unit: 'px' },
          color: { colorSpace: 'srgb', components: [0, 0, 0], alpha: 0.5 },
        },
      },
    },
    motion: { $type: 'duration', Slow: { $value: { value: 0.5, unit: 's' } } },
    type: {
      $type: 'typography',
      'Nav label': {
        $value: { fontFamily: 'Archivo', fontSize: { value: 15, unit: 'px' }, fontWeight: 600 },
        $extensions: { 'gable-ridge.fluid': { from: { at: 900, px: 13 }, to: { at: 1440, px: 18 } } },
      },
    },
  });
  const { colours, radii, shadows, durations, typeStyles } = changed.brand;
  const sea = Object.values(colours).find((colour) => colour.name === 'Sea')!;
  expect(sea.value).toEqual({ css: 'oklch(0.6 0.1 200)' });
  expect(colours.ink!.value).toEqual({ as: sea.id });
  expect(radii['radius-small']!.value).toBe(8);
  expect(Object.values(shadows).find((shadow) => shadow.name === 'Deep')!.value).toMatchObject({
    y: 9,
    blur: 20,
  });
  expect(Object.values(durations).find((duration) => duration.name === 'Slow')!.value).toBe(500);
  expect(typeStyles['type-nav']!.values).toMatchObject({
    family: { all: 'archivo' },
    weight: { desktop: '600' },
    size: { desktop: { from: { at: 900, px: 13 }, to: { at: 1440, px: 18 } } },
  });
  const again = read(writeDesignTokens(changed), changed);
  expect([again.problems, again.found.filter((each) => each.change !== 'same')]).toEqual([[], []]);
});

test.each([
  ['{"a": ', 1, 'not JSON'],
  ['[]', 1, 'object of groups'],
  ['{"a": {"b": 1}}', 1, 'no token'],
  [
    '{\n"space": {\n"m": {"$type": "dimension", "$value": {"value": 8, "unit": "px"}}}}',
    3,
    'no place of its own',
  ],
  ['{"colour": {"$type": "color",\n"x": {"$value": "bluish"}}}', 2, 'cannot be read as a colour'],
  [
    '{"radius": {"$type": "dimension",\n"x": {"$value": {"value": 8, "unit": "em"}}}}',
    2,
    'cannot be read as a corner radius',
  ],
  [
    '{"x": {"$type": "color", "$value": "{y}"}, "y": {"$type": "color", "$value": "{x}"}}',
    1,
    'cannot be read as a colour',
  ],
  ['{"t": {"$type": "typography",\n"x": {"$value": {"fontFamily": "Nobody Sans"}}}}', 2, 'No font is called'],
])('%j is reported in its line', (text, line, reason) => {
  expect(read(text).problems[0]).toMatchObject({ line, reason: expect.stringContaining(reason) });
});

test('what cannot be read does not keep the rest away', () => {
  const { found, problems } = read({
    colour: { $type: 'color', Bad: { $value: 'bluish' }, Good: { $value: '#123456' } },
  });
  expect([found.map((each) => each.name), problems.length]).toEqual([['Good'], 1]);
});
