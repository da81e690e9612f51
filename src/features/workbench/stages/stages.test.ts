import { expect, test } from '@jest/globals';
import { applyEdits } from '@/core/edit/apply';
import type { Edit } from '@/core/edit';
import { wayDown } from '@/core/fit/way-down';
import type { CollapseRule } from '@/core/site/collapse-rule';
import { sampleSite } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import { unmeasured } from '@/core/text/advances';
import { choosingForm, formChoices, shownStages, stageRange } from './stages';

const at = { in: 'headers', assembly: 'h' } as const;
const rule: CollapseRule = {
  id: 'r1',
  when: { by: 'width', below: 1300 },
  turns: [
    { piece: 'button', property: 'shown', value: 'drawer' },
    { piece: 'menu', property: 'shownAs', value: 'button' },
  ],
};

function edited(site: Site, ...edits: Edit[]): Site {
  const outcome = applyEdits(site, edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}
const withRule = edited(sampleSite(), { edit: 'setRule', at, bar: 'b', rule });

const stagesIn = (site: Site) =>
  shownStages(site, 'headers', site.headers.h!, wayDown(site, unmeasured, 'headers', site.headers.h!));
const told = (site: Site, piece: string) =>
  stagesIn(site).map((stage) => [stageRange(stage), stage.shows.get(piece)!.text]);

test('every stage is told, those of collapse rules too; bands in which nothing else shows are one stage each', () => {
  expect(told(sampleSite(), 'button')).toEqual([
    ['≥ 1024', 'shown'],
    ['640–1023', 'shown'],
    ['< 640', 'hidden'],
  ]);
  expect(told(withRule, 'button')).toEqual([
    ['≥ 1300', 'shown'],
    ['1024–1299', 'in the drawer'],
    ['640–1023', 'in the drawer'],
    ['< 640', 'hidden'],
  ]);
  expect(told(withRule, 'menu').map(([, text]) => text)).toEqual([
    'row',
    '→ menu button',
    '→ menu button',
    '→ menu button',
  ]);
});

test('a stage says which rule makes a piece show so, and whether it begins there', () => {
  const [, collapsed, tablet, phone] = stagesIn(withRule).map(({ shows }) => shows.get('button')!);
  expect([collapsed!.own, collapsed!.rule?.number]).toEqual([true, 1]);
  expect([tablet!.own, tablet!.rule?.number]).toEqual([false, 1]);
  expect([phone!.own, phone!.rule]).toEqual([true, null]);
});

test('a form is chosen where what shows was said: in the rule, else for the band', () => {
  const choose = (index: number, piece: string, label: string) => {
    const stage = stagesIn(withRule)[index]!;
    const own = withRule.headers.h!.pieces[piece]!;
    const choice = formChoices('headers', own).find((each) => each.label === label)!;
    return edited(withRule, ...choosingForm(withRule, at, own, stage, stage.shows.get(piece)!.rule, choice));
  };
  expect(formChoices('headers', withRule.headers.h!.pieces.menu!).map(({ label }) => label)).toEqual(
    expect.arrayContaining(['row', 'menu button', 'hidden', 'in the drawer']),
  );
  expect(formChoices('drawers', withRule.headers.h!.pieces.menu!).map(({ label }) => label)).not.toContain(
    'in the drawer',
  );
  expect(told(choose(1, 'menu', 'column'), 'menu').map(([, text]) => text)).toEqual([
    'row',
    'column',
    'column',
    '→ menu button',
  ]);
  expect(told(choose(2, 'button', 'hidden'), 'button').map(([, text]) => text)).toEqual([
    'shown',
    'hidden',
    'hidden',
    'hidden',
  ]);
  expect(told(choose(3, 'button', 'shown'), 'button').at(-1)).toEqual(['< 640', 'shown']);
  // What had left comes back in its form.
  expect(told(choose(0, 'menu', 'hidden'), 'menu')[0]).toEqual(['≥ 1300', 'hidden']);
});
