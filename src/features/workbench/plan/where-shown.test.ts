import { expect, test } from '@jest/globals';
import { applyEdits } from '@/core/edit/apply';
import type { Edit } from '@/core/edit';
import { sampleSite } from '@/core/site/sample.test-data';
import { HIDDEN, whereShown } from './where-shown';

const at = { in: 'headers', assembly: 'h' } as const;

/** An edit that says in a band whether a piece, or the bar, is shown. */
const shown = (piece: string | null, cell: string, value: string): Edit => ({
  edit: 'setValue',
  place: piece === null ? { on: 'bar', ...at, bar: 'b' } : { on: 'piece', ...at, piece },
  property: 'shown',
  cell,
  value,
});

/** What is said of the bar and the pieces of the sample’s header after some edits. */
function said(...edits: readonly Edit[]): Record<string, string> {
  const outcome = applyEdits(sampleSite(), edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  const { site } = outcome;
  return Object.fromEntries(whereShown(site, 'headers', site.headers.h!));
}

test('the plan says where something is not shown, the shorter way round', () => {
  // The sample hides its button on the phone.
  expect(said()).toEqual({ button: 'not on Phone' });
  expect(said(shown('logo', 'desktop', 'hidden'), shown('logo', 'phone', 'shown'))).toMatchObject({
    logo: 'only on Phone',
  });
  expect(said(shown('logo', 'tablet', 'drawer'))).toMatchObject({ logo: 'in the drawer on Tablet, Phone' });
});

test('what is hidden in every band is said to be, a bar as well as a piece', () => {
  expect(said(shown('button', 'desktop', 'hidden'), shown(null, 'desktop', 'hidden'))).toEqual({
    button: HIDDEN,
    b: HIDDEN,
  });
});

test('what shows only while the page is scrolled is not said to be hidden', () => {
  const scrolls: Edit = {
    edit: 'setValue',
    place: { on: 'assembly', ...at },
    property: 'scrolling',
    cell: 'desktop',
    value: 'stays',
  };
  const hidden = [scrolls, shown('button', 'desktop', 'hidden')];
  expect(said(...hidden)).toEqual({ button: HIDDEN });
  // The phone follows the tablet.
  expect(said(...hidden, shown('button', 'tablet:scrolled', 'shown'))).toEqual({
    button: 'not on Desktop',
  });
});

test('of what a rule shows the plan says nothing: that goes by widths', () => {
  const after = (value: string) =>
    said(shown('logo', 'desktop', 'hidden'), {
      edit: 'setRule',
      at,
      bar: 'b',
      rule: {
        id: 'r',
        when: { by: 'fit', margin: 0 },
        turns: [{ piece: 'logo', property: 'shown', value }],
      },
    });
  expect(after('shown')).not.toHaveProperty('logo');
  expect(after('hidden')).toHaveProperty('logo', HIDDEN);
});
