import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as v from 'valibot';
import { typeStyleProperties } from '../brand/type-style';
import { AS_IT_COMES, joinRules, type Rules } from '../markup/css';
import { assemblyProperties } from '../properties/assembly';
import { assemblyKinds } from '../properties/assembly-kind';
import { bayProperties } from '../properties/bay';
import { barProperties } from '../properties/bar';
import { brandProperties } from '../properties/brand';
import { itemProperties, menuProperties } from '../properties/menu';
import { type CssNames, type Property } from '../properties/property';
import { sampleValues } from '../properties/sample-values.test-data';
import type { Layout } from '../boxes/layout';
import { NOTHING_COUNTED } from '../render/stylesheet/layout-rules';
import { initialValues } from '../resolve/settled-values';
import type { Length } from '../lengths/formula';
import { pieceKind, pieceKinds } from './index';

const names: CssNames = {
  token: (id) => `var(--${id})`,
  typeCss: (id) => ({ 'font-family': `var(--${id}-family)`, 'font-size': `var(--${id}-size)` }),
  typeStyle: (id, part) => `var(--${id}-${part})`,
  family: (id) => id,
  picture: (id) => `url("${id}")`,
};

/** Every list of properties that something in the document has, by what has it. */
const lists: [string, readonly Property[]][] = [
  ['a bar', barProperties],
  ['a bay', bayProperties],
  ['the brand', brandProperties],
  ['a type style', typeStyleProperties],
  ['a menu', menuProperties],
  ['an item', itemProperties],
  ...assemblyKinds.map((kind): [string, Property[]] => [kind, assemblyProperties[kind]]),
  ...pieceKinds.map((kind): [string, readonly Property[]] => [kind.kind, kind.properties]),
];

function rulesOf(properties: readonly Property[], values: Record<string, unknown>): Rules {
  return joinRules(
    ...properties.map((each) => {
      const rules = each.css?.(values[each.name], names) ?? {};
      const part = each.part?.selector('rest') ?? '&';
      return Object.fromEntries(Object.entries(rules).map(([at, said]) => [at.replace('&', part), said]));
    }),
  );
}

/** What rules set, without what they set it to. */
const named = (rules: Rules) =>
  Object.entries(rules)
    .flatMap(([selector, declarations]) => Object.keys(declarations).map((each) => `${selector} { ${each} }`))
    .sort();

test.each(lists)(
  'a narrower band can take back whatever %s says: the same is set for every value',
  (_, properties) => {
    const initial = Object.fromEntries(properties.map((each) => [each.name, each.initial]));
    const expected = named(rulesOf(properties, initial));
    const values = fc.record(
      Object.fromEntries(properties.map((each) => [each.name, fc.constantFrom(...sampleValues(each))])),
    );
    fc.assert(
      fc.property(values, (chosen) => {
        expect(named(rulesOf(properties, chosen))).toEqual(expected);
      }),
      { numRuns: 60 },
    );
  },
);

test.each([
  ...pieceKinds.map(({ kind, properties }) => [kind, properties] as const),
  ['bar', barProperties] as const,
])(
  'what is initial in a %s is said again by every value, unless the property says that it gives way',
  (_, properties) => {
    const takenBack = (property: Property) => {
      const initial = property.css?.(property.initial, names) ?? {};
      const said = sampleValues(property).flatMap((value) =>
        Object.entries(property.css?.(value, names) ?? {}),
      );
      return said.some(([selector, declarations]) =>
        Object.entries(declarations).some(
          ([name, css]) => css === AS_IT_COMES && (initial[selector]?.[name] ?? css) !== css,
        ),
      );
    };
    const stated = properties.filter(({ by }) => by !== 'state');
    expect(stated.filter(takenBack).map(({ name }) => name)).toEqual(
      stated.filter(({ givesWay }) => givesWay).map(({ name }) => name),
    );
  },
);

test.each(pieceKinds.map(({ kind, layouts, properties }) => [kind, layouts, properties] as const))(
  'where the boxes of a %s stand initially is said again by every value: what only comes as it is stands as it does initially',
  (_, layouts, properties) => {
    const of = (values: Record<string, unknown>) => layouts(values, NOTHING_COUNTED);
    const initial = of(initialValues(properties));
    const values = fc.record(
      Object.fromEntries(
        properties.map((each) => [
          each.name,
          fc
            .constantFrom(...sampleValues(each))
            .map((value) => (each.by === 'state' ? { rest: value } : value)),
        ]),
      ),
    );
    fc.assert(
      fc.property(values, (chosen) => {
        const own = of(chosen);
        const takenBack = Object.entries(initial).flatMap(([at, layout]) =>
          Object.keys(layout)
            .filter((name) => layout[name as keyof Layout] !== undefined)
            .filter((name) => own[at]?.[name as keyof Layout] === undefined)
            .map((name) => `${at} { ${name} }`),
        );
        expect(takenBack).toEqual([]);
      }),
      { numRuns: 100 },
    );
  },
);

test('a search field is never narrower than the button in it, and one that is wide enough is as it was said', () => {
  const { layouts, properties } = pieceKind('search');
  const tracks = (fieldWidth: Length) =>
    layouts({ ...initialValues(properties), fieldWidth, fieldLeast: null }, NOTHING_COUNTED)['']!
      .gridTemplateColumns;
  expect(tracks(120)).toEqual([{ least: 120, most: 120 }]);
  const share = { px: 0, share: 0.1 };
  expect(tracks(share)).toEqual([{ least: { greatest: [share, 40] }, most: { greatest: [share, 40] } }]);
});

test.each(lists)('every sample of %s may be stored, and is said in words', (_, properties) => {
  for (const property of properties)
    for (const value of sampleValues(property)) {
      expect([property.name, value, v.is(property.kind.schema, value)]).toEqual([property.name, value, true]);
      expect(typeof property.kind.text(value)).toBe('string');
    }
});

test.each(lists)('the names of the properties of %s tell them apart', (_, properties) => {
  expect(new Set(properties.map((each) => each.name)).size).toBe(properties.length);
  const labels = properties.map((each) => `${each.group}: ${each.label}`);
  expect(new Set(labels).size).toBe(labels.length);
});

test('no value of a property breaks out of its declaration', () => {
  for (const [, properties] of lists)
    for (const property of properties)
      for (const value of sampleValues(property))
        for (const declarations of Object.values(property.css?.(value, names) ?? {}))
          for (const written of Object.values(declarations)) expect(String(written)).not.toMatch(/[;{}]/);
});

test('no custom property is said to inherit: that would be the property itself, not the colour that it stands for', () => {
  let asked = 0;
  for (const { kind, properties } of pieceKinds)
    for (const { name, css, kind: of } of properties) {
      if (!css || of.editor.as !== 'choice') continue;
      for (const { value } of of.editor.options)
        for (const rules of Object.values(css(value, names) as Record<string, Record<string, unknown>>)) {
          asked += 1;
          const inherits = Object.entries(rules).filter(
            ([property, said]) => property.startsWith('--') && said === 'inherit',
          );
          expect([kind, name, value, inherits]).toEqual([kind, name, value, []]);
        }
    }
  expect(asked).toBeGreaterThan(5);
});
