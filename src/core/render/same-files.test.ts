import { describe, expect, test } from '@jest/globals';
import { surveyFit } from '../fit/survey';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import type { CollapseRule, RuleWhen, Turn } from '../site/collapse-rule';
import { sampleSite } from '../site/sample.test-data';
import type { Assembly } from '../site/assembly';
import type { Site } from '../site/site';
import { starters } from '../starters';
import { startHeader } from '../starters/starter';
import { sample } from '../../sample.test-data';
import { textKey, type Advances, type Lineage } from '../text/advances';
import { measuring } from '../text/measuring';
import type { Shape } from '../text/shaper';
import { longMenu } from '../fit/long-menu.test-data';
import { homePage } from './files';
import { placedOnPage, renderPage } from './page/page';
import { renderStylesheet } from './stylesheet/stylesheet';

/** A font in which every letter is half as wide as it is high; it reaches farther than what is taken as long as it is not known. */
const evenFont: Shape = {
  advance: (text) => [...text].length / 2,
  lacks: () => false,
  metrics: { ascent: 1.3, descent: 0.5, gap: 0.1 },
};
/** Fonts that come one after the other, as on a server that has just started. */
const coldServer = () => measuring(async () => evenFont);
const evenLetters: Advances = {
  of: (_, text) => evenFont.advance(text),
  lacks: () => false,
  metrics: () => evenFont.metrics,
};

/** Work done again each time some texts have come, as in a browser. */
function asTextsCome<T>(work: (advances: Advances) => T): T {
  const known = new Set<string>();
  const reaches = new Set<string>();
  const lineage: Lineage = { missed: 0 };
  for (;;) {
    const missing = new Set<string>();
    const once = <U>(key: string, found: U): U | null => {
      if (known.has(key)) return found;
      missing.add(key);
      lineage.missed += 1;
      return null;
    };
    const done = work({
      lineage,
      of: (source, text) => once(textKey(source, text), evenFont.advance(text)),
      metrics(source) {
        const key = textKey(source, '');
        reaches.add(key);
        return once(key, evenFont.metrics);
      },
      lacks: () => false,
    });
    if (missing.size === 0) return done;
    // A few at a time, and how far fonts reach last: whatever is still missing has to be asked for again.
    const texts = [...missing].filter((key) => !reaches.has(key));
    (texts.length > 0 ? texts : [...missing]).slice(0, 120).forEach((key) => known.add(key));
  }
}

/** What menus can turn to one by one, piece by piece; each kind of turn that goes by steps among them. */
const stepped = (piece: string): Turn[] => [
  { piece, property: 'behind', value: 4, step: 1 },
  { piece, property: 'textSize', value: 12, step: -1 },
];

/** Every way in which a rule begins, with turns at once and by steps; two that wait for the bar behind each other. */
const kindsOfRules: Record<string, readonly RuleWhen[]> = {
  'by the rules that it ships with': [],
  'where it stops fitting': [{ by: 'fit', margin: 16 }],
  'twice where it stops fitting': [
    { by: 'fit', margin: 0 },
    { by: 'fit', margin: 0 },
  ],
  'below a width': [{ by: 'width', below: 1400 }],
  'with a band, then where it stops fitting': [
    { by: 'band', band: 'tablet' },
    { by: 'fit', margin: 16 },
  ],
  'in the browser': [{ by: 'browser' }],
  'in the browser, then where it stops fitting': [{ by: 'browser' }, { by: 'fit', margin: 16 }],
};

const menusOf = ({ pieces }: Assembly, bar: Assembly['bars'][string]) =>
  bar.bays.flatMap((bay) => bay.pieces).filter((id) => pieces[id]!.kind === 'menu');

const said = ({ id }: Assembly, piece: string, property: string, value: string): Edit => ({
  edit: 'setValue',
  place: { on: 'piece', in: 'headers', assembly: id, piece },
  property,
  cell: 'all',
  value,
});

function rulesFor(assembly: Assembly, whens: readonly RuleWhen[]): Edit[] {
  return assembly.order.flatMap((bar) =>
    whens.map((when, index): Edit => {
      const turns = menusOf(assembly, assembly.bars[bar]!).flatMap((piece) =>
        index === 0 ? stepped(piece) : [{ piece, property: 'shownAs', value: 'button' }],
      );
      const rule: CollapseRule = { id: `${bar}r${index}`, when, turns };
      return { edit: 'setRule', at: { in: 'headers', assembly: assembly.id }, bar, rule };
    }),
  );
}

function siteWith(
  starter: (typeof starters)[number],
  whens: readonly RuleWhen[],
): { site: Site; assembly: Assembly } {
  let count = 0;
  const base = applyEdits(sampleSite(), longMenu);
  if (!base.ok) throw new Error(base.reason);
  const { header, menus } = startHeader(base.site, starter, 'Started', () => `own${(count += 1)}`);
  const bars = Object.entries(header.bars).map(([id, bar]) => [id, { ...bar, rules: [] }]);
  const assembly = whens.length === 0 ? header : { ...header, bars: Object.fromEntries(bars) };
  const outcome = applyEdits(base.site, [
    ...menus.map((menu): Edit => ({ edit: 'addMenu', menu })),
    { edit: 'addAssembly', in: 'headers', assembly },
    // Words in fonts of their own, which come to be asked for only once a rule has begun.
    ...assembly.order.flatMap((bar) =>
      menusOf(assembly, assembly.bars[bar]!).flatMap((piece) => [
        said(assembly, piece, 'moreLabel', 'Ещё'),
        said(assembly, piece, 'buttonLabel', 'Μενού'),
      ]),
    ),
    ...rulesFor(assembly, whens),
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  const site = { ...outcome.site, placing: { header: assembly.id, footer: null, rules: [] } };
  return { site, assembly: site.headers[assembly.id]! };
}

/** What rules have a say in: the stylesheet, and a page. */
const handedOver = (site: Site) => (advances: Advances) => [
  renderStylesheet(site, advances),
  renderPage(site, homePage(site), placedOnPage(site, homePage(site)), site.languages[0]!, advances),
];

/** Every kind of rule with one starter; in an audit every one with every other. */
const nth = sample(starters.length, 1);
const each = Object.entries(kindsOfRules).map(([name, whens], kind) => ({
  name,
  whens,
  some: starters.filter((_, index) => (index + kind) % nth === 0),
}));

describe.each(each)('$name', ({ whens, some }) => {
  test.each(some)(
    '“$name” is handed over the same by a cold and a warm server, and by a browser',
    async (starter) => {
      const { site, assembly } = siteWith(starter, whens);
      // A copy, of which nothing is remembered.
      const once = handedOver(structuredClone(site))(evenLetters);
      expect(asTextsCome(handedOver(site))).toEqual(once);
      const server = coldServer();
      for (const state of ['cold', 'warm'])
        expect([state, ...(await server(handedOver(site)))]).toEqual([state, ...once]);
      const survey = (advances: Advances) =>
        surveyFit({ site, advances, page: null, language: 'en', root: 16 }, 'headers', assembly);
      const surveyed = await coldServer()(survey);
      expect(surveyed).toEqual(survey(evenLetters));
      expect(surveyed.complete).toBe(true);
    },
  );
});
