import { bandRange, NARROWEST, WIDEST } from '../bands/band';
import type { PlacedBox } from '../boxes/placed';
import { placedAssembly } from '../fit/placed-assembly';
import { usually } from '../fit/heights';
import { ruleText } from '../fit/rule-words';
import { surveyFit } from '../fit/survey';
import { stageAt, wayDown } from '../fit/way-down';
import { firstWidth } from '../fit/whole-fit';
import { sameData, sameDataItems } from '../ids/same-data';
import { sameItems } from '../ids/same-items';
import type { Id } from '../ids/id';
import { statedParts } from '../pieces/stated-parts';
import { assemblyKinds } from '../properties/assembly-kind';
import { stateLabels } from '../properties/states';
import { resolveAssembly } from '../resolve/assembly';
import { everyStanding } from '../resolve/standing-piece';
import { leastContrast } from '../resolve/state-contrast';
import type { Assembly } from '../site/assembly';
import { languageName } from '../site/language';
import type { Site } from '../site/site';
import { pieceTitle } from '../site/uses';
import { holds, workedWith, type WorkedWith } from '../text/worked-with';
import type { Lead } from '../why/reason';
import { madeOf, type Checked, type CheckedAssembly } from './check';
import { stepsFromHome } from './kinds/reach';

/** Something that an edit changed beside what it was made for. */
export interface Moved {
  /** In words, such as `Button “Book” stands 12 px further left on the Tablet`. */
  words: string;
  lead: Lead;
  /** How much it matters, to tell the most of many: in CSS px, or what comes to the same. */
  weight: number;
}

/** What a browser draws the same, in CSS px; and what is told of contrast. */
const SEEN = 0.5;
const RATIO = 0.05;

/** What much else follows from is told before that. */
const CAUSE = 300;

const px = (length: number) => Math.round(length * 10) / 10;

/** The width at which a band is looked at: in the middle of what it has of the ruler. */
export function widthIn({ bands }: Site, band: Id): number {
  const { from, to } = bandRange(bands, band);
  return Math.round((Math.max(from, NARROWEST) + Math.min(to ?? WIDEST, WIDEST)) / 2);
}

/** Where the pieces of an assembly stand in a band, from its own left edge; those that are not seen are left out. */
function placesIn({ site, advances, at, assembly }: CheckedAssembly, band: Id): Places {
  const width = widthIn(site, band);
  const stage = stageAt(wayDown(site, advances, at.in, assembly), width);
  const settled = resolveAssembly(site, at.in, assembly, stage);
  const found = new Map<Id, { x: number; width: number }>();
  const walk = (box: PlacedBox, x: number): void => {
    if (box.id !== undefined && assembly.pieces[box.id]) {
      if (box.width > 0) found.set(box.id, { x: x + box.x, width: box.width });
      return;
    }
    box.of.forEach((each) => walk(each, x + box.x));
  };
  walk(placedAssembly(usually(site, advances), settled, stage.band, width), 0);
  return found;
}
type Places = ReadonlyMap<Id, { x: number; width: number }>;

/** Down to which width each bar of an assembly fits in a language, in CSS px. */
function fitsFrom({ site, advances, at, assembly }: CheckedAssembly, language: string): Map<Id, number> {
  const { bars } = surveyFit({ ...usually(site, advances), language }, at.in, assembly);
  return new Map(
    bars.map(({ bar, stretches }) => {
      const last = stretches.findLast(({ status }) => status !== 'fits');
      return [bar, last ? firstWidth({ from: last.to }) : NARROWEST];
    }),
  );
}

/** Below which width each rule of an assembly begins, in CSS px; null for one that does not. */
const beginningsOf = ({ site, advances, at, assembly }: CheckedAssembly): Map<Id, number | null> =>
  new Map(wayDown(site, advances, at.in, assembly).rules.map(({ rule, below }) => [rule, below]));

/** The least contrast of every part of a piece in every state. */
function contrastsOf({ site, at, assembly }: CheckedAssembly, piece: Id): Map<string, number> {
  const { kind } = assembly.pieces[piece]!;
  const standings = everyStanding(site, at, piece);
  return new Map(
    statedParts(kind).flatMap((part) =>
      part.states.flatMap((state) => {
        const least = leastContrast(site, standings, part, state);
        return least ? [[`${part.label}, ${stateLabels[state].toLowerCase()}`, least.ratio] as const] : [];
      }),
    ),
  );
}

/** What is known of an assembly, to be held against what is known of it after an edit. */
interface Known {
  /** By band. */
  places: ReadonlyMap<Id, Places>;
  /** By language; nothing of drawers. */
  fits: ReadonlyMap<string, ReadonlyMap<Id, number>>;
  /** By rule. */
  beginnings: ReadonlyMap<Id, number | null>;
  /** By piece. */
  contrasts: ReadonlyMap<Id, ReadonlyMap<string, number>>;
}

function knownAnew(of: CheckedAssembly): Known {
  const { site, at, assembly } = of;
  const languages = at.in === 'drawers' ? [] : site.languages;
  return {
    places: new Map(site.bands.map(({ id }) => [id, placesIn(of, id)])),
    fits: new Map(languages.map((language) => [language, fitsFrom(of, language)])),
    beginnings: beginningsOf(of),
    contrasts: new Map(Object.keys(assembly.pieces).map((piece) => [piece, contrastsOf(of, piece)])),
  };
}

/** What was worked out of assemblies, with what it was made of: for the site before an edit, which was the one after the last, and after it. */
const worked = new WeakMap<Assembly, readonly (WorkedWith<Known> & { of: readonly unknown[] })[]>();

function knownOf(checked: CheckedAssembly, of: readonly unknown[]): Known {
  const kept = worked.get(checked.assembly) ?? [];
  const { advances } = checked;
  const found = kept.find((each) => sameItems(each.of, of) && holds(each.holdsFor, advances));
  if (found) return found.made;
  const known = workedWith(advances, () => knownAnew(checked));
  worked.set(checked.assembly, [{ of, ...known }, ...kept.slice(0, 1)]);
  return known.made;
}

/** An assembly after an edit, with what was known of it before and what is known now. */
interface Compared {
  was: Assembly;
  now: CheckedAssembly;
  before: Known;
  after: Known;
}

/** Pieces that were not changed themselves. */
const untouched = ({ was, now: { assembly } }: Compared) =>
  Object.values(assembly.pieces).filter((piece) => sameData(was.pieces[piece.id], piece));

/** What stands elsewhere in an assembly although it was not changed itself. */
function displaced(compared: Compared): Moved[] {
  const { now, before, after } = compared;
  return now.site.bands.flatMap(({ id: band, name }) => {
    const [from, to] = [before.places.get(band), after.places.get(band)!];
    return untouched(compared).flatMap((piece): Moved[] => {
      const [old, place] = [from?.get(piece.id), to.get(piece.id)];
      if (!old || !place) return [];
      const title = pieceTitle(now.site, piece);
      const lead: Lead = { to: 'place', place: { on: 'piece', ...now.at, piece: piece.id } };
      const [by, wider] = [place.x - old.x, place.width - old.width];
      const told = (words: string, length: number): Moved[] =>
        Math.abs(length) > SEEN
          ? [{ words: `${title} ${words} on the ${name}`, lead, weight: Math.abs(length) }]
          : [];
      return [
        // What ends where it did has grown, and not moved.
        ...(Math.abs(by + wider) > SEEN
          ? told(`stands ${px(Math.abs(by))} px further ${by < 0 ? 'left' : 'right'}`, by)
          : []),
        ...told(`is ${px(Math.abs(wider))} px ${wider > 0 ? 'wider' : 'narrower'}`, wider),
      ];
    });
  });
}

function refitted({ now: { site, at, assembly }, before, after }: Compared): Moved[] {
  return [...after.fits].flatMap(([language, fits]) =>
    [...fits].flatMap(([bar, width]): Moved[] => {
      const old = before.fits.get(language)?.get(bar);
      if (old === undefined || old === width) return [];
      const said = language === site.languages[0] ? '' : ` in ${languageName(language)}`;
      return [
        {
          words: `${assembly.bars[bar]!.name} fits from ${width} px instead of ${old}${said}`,
          lead: { to: 'rules', at, bar },
          weight: CAUSE + Math.abs(width - old),
        },
      ];
    }),
  );
}

/** Rules that begin at another width, or begin or not any more, although they were not changed themselves. */
function begunElsewhere({ was, now: { site, at, assembly }, before, after }: Compared): Moved[] {
  return Object.values(assembly.bars).flatMap((bar) =>
    (bar.rules ?? []).flatMap((rule): Moved[] => {
      const old = was.bars[bar.id]?.rules?.find(({ id }) => id === rule.id);
      if (!old || !sameData(old, rule)) return [];
      const [from, to] = [before.beginnings.get(rule.id) ?? null, after.beginnings.get(rule.id) ?? null];
      const [then, now] = [from, to].map((below) => below && firstWidth({ from: below }));
      if (then === now) return [];
      const course =
        now === null
          ? `begins no more: it did below ${then} px`
          : `begins below ${now} px${then === null ? '' : ` instead of ${then}`}`;
      return [
        {
          words: `${ruleText(site, assembly, rule)} ${course}`,
          lead: { to: 'rules', at, bar: bar.id },
          weight: CAUSE + Math.abs((now ?? NARROWEST) - (then ?? NARROWEST)),
        },
      ];
    }),
  );
}

function recoloured(compared: Compared): Moved[] {
  const { now, before, after } = compared;
  return untouched(compared).flatMap((piece) => {
    const old = before.contrasts.get(piece.id);
    return [...after.contrasts.get(piece.id)!].flatMap(([part, ratio]): Moved[] => {
      const from = old?.get(part);
      if (from === undefined || Math.abs(from - ratio) < RATIO) return [];
      return [
        {
          words: `${pieceTitle(now.site, piece)}, ${part}: ${from.toFixed(1)} → ${ratio.toFixed(1)} : 1`,
          lead: { to: 'place', place: { on: 'piece', ...now.at, piece: piece.id } },
          weight: ratio < 4.5 && from >= 4.5 ? 500 : Math.abs(from - ratio),
        },
      ];
    });
  });
}

/** Pages that are reached from the home page in a band, or no longer. */
function reached(before: Checked, after: Checked): Moved[] {
  return after.site.bands.flatMap(({ id, name }): Moved[] => {
    const [was, is] = [stepsFromHome(before.site, id), stepsFromHome(after.site, id)];
    const lost = [...was.keys()].filter((page) => !is.has(page) && after.site.pages[page]);
    const won = [...is.keys()].filter((page) => !was.has(page) && before.site.pages[page]);
    const told = (pages: Id[], how: string, weight: number): Moved[] =>
      pages.length === 0
        ? []
        : [
            {
              words: `${pages.length === 1 ? 'One page is' : `${pages.length} pages are`} ${how} on the ${name}`,
              lead: { to: 'part', of: 'pages', id: pages[0]! },
              weight,
            },
          ];
    return [...told(lost, 'no longer reached', 1000), ...told(won, 'reached now', 50)];
  });
}

/**
 * What else changed between two states of a site, over all bands and languages: where pieces stand that were not changed themselves, down to
 * which width bars fit, where rules begin, how texts stand out, which pages are reached. What matters most comes first.
 */
export function alsoMoved(before: Checked, after: Checked): Moved[] {
  const perAssembly = assemblyKinds.flatMap((kind) =>
    Object.values(after.site[kind]).map((assembly: Assembly): { name: string; moved: Moved[] } => {
      const was = before.site[kind][assembly.id];
      const nothing = { name: assembly.name, moved: [] };
      if (!was) return nothing;
      const [from, to] = [madeOf(before, was), madeOf(after, assembly)];
      if (sameDataItems([was, ...from], [assembly, ...to])) return nothing;
      const at = { in: kind, assembly: assembly.id };
      const now = { ...after, at, assembly };
      const compared = {
        was,
        now,
        before: knownOf({ ...before, at, assembly: was }, from),
        after: knownOf(now, to),
      };
      const moved = [displaced, refitted, begunElsewhere, recoloured].flatMap((tell) => tell(compared));
      return { name: assembly.name, moved };
    }),
  );
  const told = perAssembly.filter(({ moved }) => moved.length > 0);
  // Of several it is said in which: they hold the same menus.
  const all = told.flatMap(({ name, moved }) =>
    told.length === 1 ? moved : moved.map((each) => ({ ...each, words: `${name}: ${each.words}` })),
  );
  return [...all, ...reached(before, after)].sort((one, other) => other.weight - one.weight);
}
