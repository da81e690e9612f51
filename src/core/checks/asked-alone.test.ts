import { expect, test } from '@jest/globals';
import { someOf } from '../../sample.test-data';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { everyEdit, fullSample } from '../edit/every-edit.test-data';
import { placedAssembly } from '../fit/placed-assembly';
import { dropDownsAlong } from '../fit/drop-downs';
import { evenLetters } from '../fit/even-letters.test-data';
import { surveyFooter } from '../fit/footer-survey';
import { usually } from '../fit/heights';
import { surveyOpened } from '../fit/opened-survey';
import { surveyFit } from '../fit/survey';
import { wayDown } from '../fit/way-down';
import { renderFiles } from '../render/files';
import { noScripts } from '../render/scripts.test-data';
import { resolveAssembly } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { checkOf } from '.';
import { copy, faults, tidy } from './faults.test-data';

type Answer = (site: Site, advances: Advances) => unknown;

const ofHeader =
  (answer: (site: Site, advances: Advances, header: Assembly) => unknown): Answer =>
  (site, advances) =>
    // One kind of edit removes it.
    site.headers.h ? answer(site, advances, site.headers.h) : null;

/** Where all of a header stands in each band, and what hangs out of it. */
const places = (site: Site, advances: Advances, header: Assembly) =>
  site.bands.map(({ id: band, from }) => {
    const settled = resolveAssembly(site, 'headers', header, band);
    const at = Math.max(from, 360);
    const now = usually(site, advances);
    const hanging = dropDownsAlong(now, settled, band, at).map(({ placedAt, ...each }) => [
      each,
      placedAt(each.width),
    ]);
    return [placedAssembly(now, settled, band, at), hanging];
  });

/** What is worked out of a site besides, and kept; after every edit of how many it is asked in a run of the tests. */
const answers: readonly (readonly [of: string, every: number, answer: Answer])[] = [
  ['places', 1, ofHeader(places)],
  ['fit', 2, ofHeader((site, advances, header) => surveyFit(usually(site, advances), 'headers', header))],
  ['rules', 2, ofHeader((site, advances, header) => wayDown(site, advances, 'headers', header))],
  [
    'what opens',
    4,
    ofHeader((site, advances, header) => surveyOpened(usually(site, advances), 'headers', header)),
  ],
  [
    'footers',
    3,
    (site, advances) =>
      Object.values(site.footers).map((footer) => surveyFooter(usually(site, advances), footer)),
  ],
  ['files', 8, (site, advances) => renderFiles(site, noScripts, advances)],
];

interface Edited {
  edit: Edit;
  after: Site;
}

/** What comes of a site by each edit that can be made in it. */
const editedFrom = (site: Site): Edited[] =>
  everyEdit.flatMap((edit) => {
    const outcome = applyEdits(site, [edit]);
    return outcome.ok ? [{ edit, after: outcome.site }] : [];
  });

/** Looks that what is kept of a site after edits is what would be worked out anew, where nothing else was asked meanwhile. */
function holdsAlone(site: Site, answer: Answer, advances: Advances, all: readonly Edited[]) {
  expect(all.length).toBeGreaterThan(2);
  answer(site, advances);
  for (const { edit, after } of all)
    expect([edit, answer(after, advances)]).toEqual([edit, answer(structuredClone(after), advances)]);
}

test.each(answers)(
  'what is kept of %s is what would be worked out anew, where it alone is asked',
  (_, every, answer) => {
    const site = fullSample();
    holdsAlone(site, answer, evenLetters, someOf(editedFrom(site), every));
  },
);

const [first, ...others] = Object.entries(faults).flatMap(([check, all]) =>
  all.map(([change, says, advances = evenLetters]) => ({ check, says, change, advances })),
);

// Of every second one from here on, none takes long; an audit looks at all.
test.each(someOf([...others, first!], 2).map((each, index) => ({ ...each, index })))(
  'what $check tells beside “$says” is not stale after an edit',
  ({ check, change, advances, index }) => {
    const site = copy(tidy());
    change(site);
    const all = editedFrom(site);
    // In a run of the tests, each fault meets other edits than the one before it.
    const some = someOf([...all.slice(index), ...all.slice(0, index)], 12);
    holdsAlone(site, (of, known) => checkOf(check).find({ site: of, advances: known }), advances, some);
  },
);
