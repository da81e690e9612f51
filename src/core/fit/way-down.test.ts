import { expect, test } from '@jest/globals';
import { NARROWEST } from '../bands/band';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { renderPage } from '../render/page/page';
import { renderStylesheet } from '../render/stylesheet/stylesheet';
import { resolveAssembly, settledPieces } from '../resolve/assembly';
import * as v from 'valibot';
import { collapseRuleSchema, RULE_LIMITS, type CollapseRule, type RuleWhen } from '../site/collapse-rule';
import { copyBar } from '../site/copies';
import { countedIds, sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { unmeasured, type Advances } from '../text/advances';
import { evenLetters } from './even-letters.test-data';
import { longMenu } from './long-menu.test-data';
import { surveyFit } from './survey';
import { undoneTurns } from './undone';
import { inOrderOfEffect, solvedWay, wayDown } from './way-down';

const at = { in: 'headers', assembly: 'h' } as const;
const ofMenu = (property: string, cell: string, value: string): Edit => ({
  edit: 'setValue',
  place: { on: 'piece', ...at, piece: 'menu' },
  property,
  cell,
  value,
});
const shownAs = (value: string, cell = 'phone') => ofMenu('shownAs', cell, value);
const rule = (id: string, when: RuleWhen, value = 'button'): CollapseRule => ({
  id,
  when,
  turns: [{ piece: 'menu', property: 'shownAs', value }],
});
const setRule = (each: CollapseRule): Edit => ({ edit: 'setRule', at, bar: 'b', rule: each });

function edited(...edits: Edit[]): Site {
  const outcome = applyEdits(sampleSite(), edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}
const refusal = (...edits: Edit[]) => {
  const outcome = applyEdits(sampleSite(), edits);
  return outcome.ok ? null : outcome.reason;
};
const way = (site: Site, advances = evenLetters) => wayDown(site, advances, 'headers', site.headers.h!);
const survey = (site: Site) =>
  surveyFit(
    { site, advances: evenLetters, page: null, language: 'en', root: 16 },
    'headers',
    site.headers.h!,
  );

/** Where the bar stops fitting without any rule. */
const stops = survey(edited(...longMenu)).bars[0]!.stretches.findLast(
  ({ status }) => status === 'overflows',
)!.to;

test('without rules the way is that of the bands', () => {
  const { stages, rules } = way(sampleSite());
  expect(stages.map(({ below, band }) => [below, band])).toEqual([
    [null, 'desktop'],
    [1024, 'tablet'],
    [640, 'phone'],
  ]);
  expect(rules).toEqual([]);
});

test('a rule begins where the bar stops fitting, with the room to spare that was asked for', () => {
  const begins = (margin: number) =>
    way(edited(...longMenu, setRule(rule('r1', { by: 'fit', margin })))).rules[0]!.below;
  expect(begins(0)).toBe(Math.ceil(stops));
  expect(begins(16)).toBe(Math.ceil(stops) + 16);
});

test('with it, the bar overflows in no band that follows it, and what it turned holds in narrower bands too', () => {
  const site = edited(...longMenu, setRule(rule('r1', { by: 'fit', margin: 0 })));
  const wider = survey(site).bars[0]!.stretches.filter(({ to }) => to > 640);
  expect(wider.map(({ status }) => status)).not.toContain('overflows');
  const shown = way(site).stages.map(
    (step) =>
      settledPieces(resolveAssembly(site, 'headers', site.headers.h!, step)).find(({ id }) => id === 'menu')!
        .values.shownAs,
  );
  // Its own value on the phone begins later, and holds there.
  expect(shown).toEqual(['row', 'button', 'button', 'row']);
});

test('rules follow each other as they are needed; one that never is says so', () => {
  const chain = way(
    edited(
      ...longMenu,
      setRule(rule('r1', { by: 'fit', margin: 0 }, 'column')),
      setRule(rule('r2', { by: 'width', below: 700 })),
    ),
  );
  expect(chain.rules.map(({ rule: id, below }) => [id, below])).toEqual([
    ['r1', Math.ceil(stops)],
    ['r2', 700],
  ]);
  const overtaken = way(
    edited(
      ...longMenu,
      setRule(rule('r1', { by: 'fit', margin: 0 })),
      setRule(rule('r2', { by: 'width', below: Math.ceil(stops) + 100 })),
    ),
  );
  // It is needed again only where the phone has the row back.
  expect(overtaken.rules.map(({ rule: id, below }) => [id, below])).toEqual([
    ['r2', Math.ceil(stops) + 100],
    ['r1', 640],
  ]);
  const gone = ofMenu('shown', 'desktop', 'hidden');
  const idle = way(edited(gone, setRule(rule('r1', { by: 'fit', margin: 0 }))));
  expect(idle.rules).toEqual([expect.objectContaining({ below: null, reason: 'fits' })]);
  const withBand = way(edited(setRule(rule('r1', { by: 'band', band: 'tablet' }))));
  expect(withBand.rules[0]!.below).toBe(1024);
});

test('what fits at every width begins for text that is larger, in time', () => {
  const row = shownAs('row');
  const larger = (site: Site) =>
    surveyFit(
      { site, advances: evenLetters, page: null, language: 'en', root: 32 },
      'headers',
      site.headers.h!,
    ).bars[0]!.stretches.some(({ status }) => status === 'overflows');
  const leaving = { piece: 'menu', property: 'shown', value: 'hidden' };
  const bare = edited(row);
  const ruled = edited(row, setRule({ ...rule('r1', { by: 'fit', margin: 0 }), turns: [leaving] }));
  expect(survey(bare).bars[0]!.stretches.every(({ status }) => status !== 'overflows')).toBe(true);
  expect(larger(bare)).toBe(true);
  expect(way(ruled).rules[0]!.below).toBeLessThanOrEqual(NARROWEST);
  expect(larger(ruled)).toBe(false);
});

test('a rule that waits for its bar does not wait for one of a narrower band that stands before it', () => {
  const site = edited(
    ...longMenu,
    setRule(rule('r1', { by: 'band', band: 'phone' }, 'column')),
    setRule(rule('r2', { by: 'fit', margin: 0 })),
  );
  const { rules } = way(site);
  expect(inOrderOfEffect(site.headers.h!.bars.b!.rules!, rules).map(({ id }) => id)).toEqual(['r2', 'r1']);
  expect(rules.map(({ rule: id, below }) => [id, below])).toEqual([
    ['r2', Math.ceil(stops)],
    ['r1', 640],
  ]);
  const wider = survey(site).bars[0]!.stretches.filter(({ to }) => to > 640);
  expect(wider.map(({ status }) => status)).not.toContain('overflows');
});

test('a rule begins where the middle of its bar is no longer truly centred, to the pixel', () => {
  const site = edited(
    { edit: 'labelItem', menu: 'm', item: 'i1', label: 'A label of some length' },
    setRule(rule('r1', { by: 'centre', margin: 0 })),
    shownAs('row'),
  );
  const without = edited(
    { edit: 'labelItem', menu: 'm', item: 'i1', label: 'A label of some length' },
    shownAs('row'),
  );
  const off = survey(without).bars[0]!.stretches.filter(({ causes }) =>
    causes.some(({ trouble }) => trouble === 'off-centre'),
  );
  const { below, reason } = way(site).rules[0]!;
  expect(reason).toBeNull();
  expect(below).toBe(Math.ceil(Math.max(...off.map(({ to }) => to))));
  // It stops fitting only further down.
  const fits = way(
    edited(
      { edit: 'labelItem', menu: 'm', item: 'i1', label: 'A label of some length' },
      shownAs('row'),
      setRule(rule('r1', { by: 'fit', margin: 0 })),
    ),
  );
  expect(fits.rules[0]!.below ?? 0).toBeLessThan(below!);
});

test('a rule waits for texts that were not measured; it is not guessed', () => {
  const site = edited(...longMenu, setRule(rule('r1', { by: 'fit', margin: 0 })));
  expect(way(site, unmeasured).rules).toEqual([
    expect.objectContaining({ below: null, reason: 'unmeasured' }),
  ]);
  expect(way(site, unmeasured).stages).toHaveLength(3);
  expect(way(site).rules[0]!.below).toBe(Math.ceil(stops));
});

test('a text is changed: until it is measured, a rule begins where it last did, with all of its levels', () => {
  /** All is measured but what holds a rare letter. */
  const known: Advances = { of: (_, text) => (text.includes('Ä') ? null : [...text].length / 2) };
  const more = { piece: 'menu', property: 'behind', value: 2, step: 1 };
  const before = edited(
    ...longMenu,
    setRule({ id: 'r1', when: { by: 'fit', margin: 0 }, turns: [more] }),
    setRule(rule('r2', { by: 'fit', margin: 8 })),
  );
  const solved = way(before, known);
  expect(solved.rules.map(({ reason }) => reason)).toEqual([null, null]);
  expect(solved.rules[0]!.further.length).toBeGreaterThan(0);
  const relabelled = applyEdits(before, [
    { edit: 'labelItem', menu: 'm', item: 'i1', label: 'Äußerst lange Beschriftung' },
  ]);
  if (!relabelled.ok) throw new Error(relabelled.reason);
  const waiting = way(relabelled.site, known);
  expect(waiting.rules).toEqual(solved.rules.map((each) => ({ ...each, reason: 'unmeasured' })));
  expect(waiting.stages).toEqual(solved.stages);
  expect(solvedWay(relabelled.site, known, 'headers', relabelled.site.headers.h!)).toBeNull();
  expect(way(relabelled.site).rules[0]!.reason).toBeNull();
});

test('the language that needs the most room decides', () => {
  const german = 'Noch eine Beschriftung, die länger ist als alles andere, was hier sonst steht';
  const site = edited(
    ...longMenu,
    { edit: 'setLanguages', languages: ['en', 'de'] },
    { edit: 'labelItem', menu: 'm', item: 'i1', label: german, language: 'de' },
    setRule(rule('r1', { by: 'fit', margin: 0 })),
  );
  const [only] = way(site).rules;
  expect(only).toMatchObject({ language: 'de' });
  expect(only!.below).toBeGreaterThan(Math.ceil(stops));
});

test('the stylesheet says it in one media query at that width, in em, and the page holds the button that it shows', () => {
  const site = edited(...longMenu, setRule(rule('r1', { by: 'fit', margin: 0 })));
  const css = renderStylesheet(site, evenLetters);
  const query = `@media (width < ${Number((Math.ceil(stops) / 16).toFixed(4))}em)`;
  expect(css).toContain(query);
  expect(css.slice(css.indexOf(query)).split('@media')[1]).toMatch(/\.menu-button \{\s*display: inline-flex/);
  const page = renderPage(
    site,
    site.pages.home!,
    { header: site.headers.h!, footer: null },
    'en',
    evenLetters,
  );
  expect(page).toContain('class="menu-button"');
});

test('what a rule turns is written anew when the rule changes', () => {
  const first = edited(...longMenu, setRule(rule('r1', { by: 'width', below: 900 })));
  renderStylesheet(first, evenLetters);
  const changed = applyEdits(first, [setRule(rule('r1', { by: 'width', below: 900 }, 'column'))]);
  if (!changed.ok) throw new Error(changed.reason);
  const block = renderStylesheet(changed.site, evenLetters).split('(width < 56.25em)')[1]!;
  expect(block).toMatch(/flex-direction: column/);
});

test.each([
  [
    'a piece of another bar',
    { piece: 'list', property: 'shownAs', value: 'button' },
    'does not stand in the bar',
  ],
  ['a property that is no piece’s', { piece: 'menu', property: 'nothing', value: 1 }, 'has not'],
  ['what is not by width', { piece: 'menu', property: 'opens', value: 'd' }, 'not by width'],
  ['a value of another kind', { piece: 'menu', property: 'shownAs', value: 'sideways' }, 'cannot be'],
])('a rule that turns %s is refused with the reason', (_, turn, reason) => {
  const wrong: CollapseRule = { id: 'r1', when: { by: 'fit', margin: 0 }, turns: [turn] };
  expect(refusal(setRule(wrong))).toContain(reason);
});

test('a piece that leaves its bar is turned no more, and a rule can be removed', () => {
  const site = edited(setRule(rule('r1', { by: 'fit', margin: 0 })), {
    edit: 'removePiece',
    at,
    piece: 'menu',
  });
  expect(site.headers.h!.bars.b!.rules).toEqual([expect.objectContaining({ turns: [] })]);
  const removed = applyEdits(site, [{ edit: 'removeRule', at, bar: 'b', rule: 'r1' }]);
  expect(removed.ok && removed.site.headers.h!.bars.b!.rules).toBeUndefined();
  expect(refusal({ edit: 'removeRule', at, bar: 'b', rule: 'r1' })).toContain('no longer');
  expect(refusal(setRule(rule('desktop', { by: 'fit', margin: 0 })))).toContain('an id that');
});

test('a rule may begin beyond the ruler; a bar that never fits is turned at every width', () => {
  const far = way(edited(setRule(rule('r1', { by: 'width', below: 2400 }))));
  expect(far.rules[0]!.below).toBe(2400);
  const words = 'words '.repeat(12);
  const endless = edited(
    ...longMenu,
    { edit: 'labelItem', menu: 'm', item: 'i1', label: words },
    { edit: 'labelItem', menu: 'm', item: 'i2', label: words },
    {
      edit: 'setValue',
      place: { on: 'piece', ...at, piece: 'menu' },
      property: 'textSize',
      cell: 'desktop',
      value: 40,
    },
    setRule(rule('r1', { by: 'fit', margin: 0 })),
  );
  expect(way(endless).rules[0]!.below).toBe(4000);
});

test('a copy of a bar has rules of its own, for its own pieces', () => {
  const site = edited(setRule(rule('r1', { by: 'fit', margin: 0 })));
  const header = site.headers.h!;
  const { bar, pieces } = copyBar(header, header.bars.b!, countedIds());
  const outcome = applyEdits(site, [{ edit: 'addBar', at, bar, pieces }]);
  expect(outcome.ok).toBe(true);
  const [copied] = bar.rules!;
  expect(copied!.id).not.toBe('r1');
  expect(pieces.map(({ id }) => id)).toContain(copied!.turns[0]!.piece);
});

const stepped = (property: string, value: number, step: number, id = 'r1'): CollapseRule => ({
  id,
  when: { by: 'fit', margin: 0 },
  turns: [{ piece: 'menu', property, value, step }],
});

test('a rule that goes step by step goes only as far as the room asks for, and the next begins when it has no step left', () => {
  const items = way(edited(...longMenu, setRule(stepped('behind', 3, 1)))).rules[0]!;
  expect(items.levels).toBe(3);
  expect(items.below).toBe(Math.ceil(stops));
  const widths = [items.below!, ...items.further];
  expect(widths).toEqual([...widths].sort((a, b) => b - a));
  expect(items.further.length).toBeLessThan(3);

  const short = stepped('itemPaddingInline', 8, -1);
  const chained = way(edited(...longMenu, setRule(short), setRule(rule('r2', { by: 'fit', margin: 0 }))));
  const [padding, button] = chained.rules;
  expect(padding!.levels).toBe(2);
  expect(padding!.further).toHaveLength(1);
  // Both paddings of each entry get 1 px narrower with each step, so the bar stops fitting that much later.
  expect(padding!.below! - padding!.further[0]!).toBeGreaterThan(0);
  expect(button!.below).toBeLessThan(padding!.further[0]!);
  expect(chained.stages.map(({ begun }) => begun.at(-1))).toEqual(
    expect.arrayContaining(['r1', 'r1.2', 'r2']),
  );
});

test('a size of text goes down from that of its style; a fluid one has its ends lowered, and neither beyond the limit', () => {
  const sizes = (site: Site, levels: number) =>
    Array.from({ length: levels }, (_, index) => {
      const begun = ['desktop', 'r1', ...Array.from({ length: index }, (_, n) => `r1.${n + 2}`)];
      const settled = resolveAssembly(site, 'headers', site.headers.h!, { band: 'desktop', begun });
      return settledPieces(settled).find(({ id }) => id === 'menu')!.values.textSize;
    });
  const plain = edited(setRule(stepped('textSize', 14, -0.75)));
  const [first, ...others] = sizes(plain, 5) as number[];
  expect(others.every((size, index) => size <= [first!, ...others][index]!)).toBe(true);
  expect(others.at(-1)).toBe(14);

  const fluid = edited(
    {
      edit: 'setValue',
      place: { on: 'piece', ...at, piece: 'menu' },
      property: 'textSize',
      cell: 'desktop',
      value: { from: { at: 400, px: 15 }, to: { at: 1400, px: 17 } },
    },
    setRule(stepped('textSize', 14, -1)),
  );
  expect(sizes(fluid, 3)).toEqual([{ from: { at: 400, px: 15 }, to: { at: 1400, px: 16 } }, 15, 14]);
});

test('what goes down never goes up: a text that is smaller than the limit stays as it is', () => {
  const sized = (value: unknown): Edit => ({
    edit: 'setValue',
    place: { on: 'piece', ...at, piece: 'menu' },
    property: 'textSize',
    cell: 'desktop',
    value,
  });
  const size = (value: unknown) => {
    const site = edited(sized(value), setRule(stepped('textSize', 14, -1)));
    const begun = ['desktop', 'r1', 'r1.2'];
    const settled = resolveAssembly(site, 'headers', site.headers.h!, { band: 'desktop', begun });
    return settledPieces(settled).find(({ id }) => id === 'menu')!.values.textSize;
  };
  expect(size(12)).toBe(12);
  const fluid = { from: { at: 400, px: 11 }, to: { at: 1400, px: 15 } };
  expect(size(fluid)).toEqual({ ...fluid, to: { at: 1400, px: 14 } });
});

test('a step towards what is not a number, and a step of nothing, are refused', () => {
  const turn = { piece: 'menu', property: 'shownAs', value: 'button', step: 1 };
  expect(refusal(setRule({ id: 'r1', when: { by: 'fit', margin: 0 }, turns: [turn] }))).toMatch(
    /step by step to what is not a number/,
  );
  const nothing = v.safeParse(collapseRuleSchema, stepped('behind', 3, 0));
  expect(nothing.issues?.[0].message).toMatch(/more than nothing/);
});

test('items that leave are hidden in the row and shown behind the button, each from its own width on', () => {
  const site = edited(...longMenu, setRule(stepped('behind', 2, 1)));
  const css = renderStylesheet(site, evenLetters);
  const short = css.slice(css.indexOf('@layer short'), css.indexOf('@layer open'));
  for (const rank of [1, 2]) {
    expect(short).toMatch(new RegExp(`menu-list > \\[data-leaves="${rank}"\\][^}]*display: none`));
    expect(short).toMatch(new RegExp(`menu-below > \\[data-leaves="${rank}"\\][^}]*display: revert-layer`));
  }
  expect(renderStylesheet(edited(...longMenu), evenLetters)).not.toContain('data-leaves');
});

test('a turn that a band or a later rule takes back is named, with the width from which on it is', () => {
  const undone = (...edits: Edit[]) => {
    const site = edited(...longMenu, ...edits);
    return undoneTurns(site, 'headers', site.headers.h!, way(site));
  };
  const button = setRule(rule('r1', { by: 'width', below: 1300 }));
  // The phone says that it is a row.
  expect(undone(button)).toEqual([
    { rule: 'r1', piece: 'menu', property: 'shownAs', band: 'phone', below: 640 },
  ]);
  expect(undone(button, setRule(rule('r2', { by: 'width', below: 1200 }, 'row')))).toContainEqual({
    rule: 'r1',
    piece: 'menu',
    property: 'shownAs',
    band: null,
    below: 1200,
  });
  expect(undone(button, shownAs('button'))).toEqual([]);
});

test('a rule begins where its bar stops fitting in any phase of scrolling, and says in which', () => {
  const onHeader = (property: string, value: unknown): Edit => ({
    edit: 'setValue',
    place: { on: 'assembly', ...at },
    property,
    cell: 'desktop',
    value,
  });
  const gap = (value: number, cell: string): Edit => ({
    edit: 'setValue',
    place: { on: 'piece', ...at, piece: 'button' },
    property: 'gapBefore',
    cell,
    value,
  });
  const begins = (...more: Edit[]) =>
    way(edited(...longMenu, setRule(rule('r1', { by: 'fit', margin: 0 })), ...more)).rules[0]!;
  const wider: Edit[] = [
    { ...gap(0, 'desktop'), property: 'shown', value: 'hidden' } as Edit,
    { ...gap(0, 'desktop:scrolled'), property: 'shown', value: 'shown' } as Edit,
  ];
  expect(begins().phase).toBe('top');
  expect(begins(...wider).below).toBeLessThan(begins().below!);
  expect(begins(onHeader('scrolling', 'stays'), ...wider)).toMatchObject({
    below: begins().below,
    phase: 'scrolled',
  });
});

/** The sample with two bars in one row, each with a menu of the same items and a rule for it. */
function twoInRow(first: number, second: number): Site {
  const site = edited(...longMenu, shownAs('row'));
  const header = site.headers.h!;
  const bar = header.bars.b!;
  const menu = header.pieces.menu!;
  const other = { ...menu, id: 'menu2' };
  const turn = (piece: string) => [{ piece, property: 'shownAs', value: 'button' }];
  const fit = (margin: number) => ({ by: 'fit' as const, margin });
  return {
    ...site,
    headers: {
      h: {
        ...header,
        values: { ...header.values, stands: { desktop: 'row' } },
        order: ['b', 'c'],
        pieces: { ...header.pieces, menu2: other },
        bars: {
          b: {
            ...bar,
            bays: bar.bays.map((bay) => ({ ...bay, pieces: bay.pieces.filter((id) => id !== 'button') })),
            rules: [{ id: 'r1', when: fit(first), turns: turn('menu') }],
          },
          c: {
            ...bar,
            id: 'c',
            bays: [{ ...bar.bays[0]!, id: 'c1', pieces: ['menu2'] }],
            rules: [{ id: 'r2', when: fit(second), turns: turn('menu2') }],
          },
        },
      },
    },
  };
}

test('rules of bars in one row are solved together: the second begins only where the first is not enough', () => {
  const { rules } = way(twoInRow(0, 0));
  const [first, second] = rules.toSorted((one, other) => (other.below ?? 0) - (one.below ?? 0));
  expect(first!.below).toBeGreaterThan(0);
  // By itself either of them would have begun at once.
  expect(second!.below ?? 0).toBeLessThan(first!.below!);
  const after = survey(twoInRow(0, 0)).bars.flatMap(({ stretches }) => stretches);
  expect(after.filter(({ to }) => to > 640).map(({ status }) => status)).not.toContain('overflows');
});

test('a rule begins where the page needs the most on which the current item takes more room', () => {
  const fits = rule('r', { by: 'fit', margin: 0 });
  const edge = ofMenu('itemEdge', 'current', 'thick');
  const withEdge = (site: Site): Site => ({
    ...site,
    brand: {
      ...site.brand,
      borders: {
        ...site.brand.borders,
        thick: { id: 'thick', name: 'Thick', value: { width: 6, style: 'solid', colour: 'ink' } },
      },
    },
  });
  const plain = way(edited(...longMenu, setRule(fits))).rules[0]!.below!;
  const site = withEdge(edited(...longMenu, setRule(fits)));
  const marked = applyEdits(site, [edge]);
  if (!marked.ok) throw new Error(marked.reason);
  // A border of 6 px on either side of the one item that is current.
  expect(way(marked.site).rules[0]!.below).toBeCloseTo(plain + 12, 1);
  // The home page, which the menu does not lead to, has no such item.
  expect(marked.site.pageOrder[0]).toBe('home');
});

test('a rule that begins at every width waits for no other language, since nothing could make it begin earlier', () => {
  const site = edited(
    ...longMenu,
    { edit: 'setLanguages', languages: ['en', 'de'] },
    { edit: 'labelItem', menu: 'm', item: 'i1', label: 'Ärmelkanal', language: 'de' },
    setRule(rule('r1', { by: 'fit', margin: 0 })),
  );
  /** Letters so many times as wide as they are high, those of the German label not measured yet. */
  const inPart = (ems: number): Advances => ({
    of: (_, text) => (text.includes('Ä') ? null : [...text].length * ems),
  });
  expect(way(site, inPart(10)).rules).toEqual([
    expect.objectContaining({ below: RULE_LIMITS.most, language: 'en', reason: null }),
  ]);
  // One that begins somewhere has to know all of them.
  expect(way(structuredClone(site), inPart(0.5)).rules).toEqual([
    expect.objectContaining({ below: null, reason: 'unmeasured' }),
  ]);
  expect(way(site).rules[0]!.below).toBeLessThan(RULE_LIMITS.most);
});
