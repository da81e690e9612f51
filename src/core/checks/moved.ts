import { bandRange, NARROWEST, WIDEST } from '../bands/band';
import type { PlacedBox } from '../boxes/placed';
import type { AssemblyPlace } from '../edit/place';
import { placedAssembly } from '../fit/assembly-boxes';
import { usually } from '../fit/heights';
import { surveyFit } from '../fit/survey';
import { stageAt, wayDown } from '../fit/way-down';
import { firstWidth } from '../fit/whole-fit';
import { sameData } from '../ids/same-data';
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
import { surroundingsOf } from '../site/surroundings';
import { pieceTitle } from '../site/uses';
import type { Lead } from '../why/reason';
import type { Checked } from './check';
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

const px = (length: number) => Math.round(length * 10) / 10;

/** The width at which a band is looked at: in the middle of what it has of the ruler. */
export function widthIn({ bands }: Site, band: Id): number {
  const { from, to } = bandRange(bands, band);
  return Math.round((Math.max(from, NARROWEST) + Math.min(to ?? WIDEST, WIDEST)) / 2);
}

/** Where the pieces of an assembly stand in a band, from its own left edge; those that are not seen are left out. */
function placesIn(
  { site, advances }: Checked,
  at: AssemblyPlace,
  band: Id,
): Map<Id, { x: number; width: number }> {
  const assembly = site[at.in][at.assembly]!;
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

/** What stands elsewhere in an assembly although it was not changed itself. */
function displaced(before: Checked, after: Checked, at: AssemblyPlace): Moved[] {
  const [was, is] = [before.site[at.in][at.assembly]!, after.site[at.in][at.assembly]!];
  return after.site.bands.flatMap(({ id: band, name }) => {
    if (!before.site.bands.some(({ id }) => id === band)) return [];
    const [from, to] = [placesIn(before, at, band), placesIn(after, at, band)];
    return [...to].flatMap(([piece, { x, width }]): Moved[] => {
      const old = from.get(piece);
      if (!old || !sameData(was.pieces[piece], is.pieces[piece])) return [];
      const title = pieceTitle(after.site, is.pieces[piece]!);
      const lead: Lead = { to: 'place', place: { on: 'piece', ...at, piece } };
      const [by, wider] = [x - old.x, width - old.width];
      return [
        ...(Math.abs(by) > SEEN && Math.abs(by + wider) > SEEN
          ? [
              {
                words: `${title} stands ${px(Math.abs(by))} px further ${by < 0 ? 'left' : 'right'} on the ${name}`,
                lead,
                weight: Math.abs(by),
              },
            ]
          : []),
        ...(Math.abs(wider) > SEEN
          ? [
              {
                words: `${title} is ${px(Math.abs(wider))} px ${wider > 0 ? 'wider' : 'narrower'} on the ${name}`,
                lead,
                weight: Math.abs(wider),
              },
            ]
          : []),
      ];
    });
  });
}

/** Down to which width each bar of an assembly fits in a language, in CSS px. */
function fitsFrom({ site, advances }: Checked, at: AssemblyPlace, language: string): Map<Id, number> {
  const { bars } = surveyFit({ ...usually(site, advances), language }, at.in, site[at.in][at.assembly]!);
  return new Map(
    bars.map(({ bar, stretches }) => {
      const last = stretches.findLast(({ status }) => status !== 'fits');
      return [bar, last ? firstWidth({ from: last.to }) : NARROWEST];
    }),
  );
}

function refitted(before: Checked, after: Checked, at: AssemblyPlace): Moved[] {
  const assembly = after.site[at.in][at.assembly]!;
  return after.site.languages.flatMap((language, index) => {
    if (!before.site.languages.includes(language)) return [];
    const was = fitsFrom(before, at, language);
    return [...fitsFrom(after, at, language)].flatMap(([bar, width]): Moved[] => {
      const old = was.get(bar);
      if (old === undefined || old === width) return [];
      const said = index === 0 ? '' : ` in ${languageName(language)}`;
      return [
        {
          words: `${assembly.bars[bar]!.name} fits from ${width} px instead of ${old}${said}`,
          lead: { to: 'rules', at, bar },
          weight: 100 + Math.abs(width - old),
        },
      ];
    });
  });
}

/** The least contrast of every part of a piece in every state. */
function contrastsOf(site: Site, at: AssemblyPlace, piece: Id): Map<string, number> {
  const { kind } = site[at.in][at.assembly]!.pieces[piece]!;
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

function recoloured(before: Checked, after: Checked, at: AssemblyPlace): Moved[] {
  const [was, is] = [before.site[at.in][at.assembly]!, after.site[at.in][at.assembly]!];
  return Object.values(is.pieces).flatMap((piece) => {
    if (!sameData(was.pieces[piece.id], piece)) return [];
    const old = contrastsOf(before.site, at, piece.id);
    return [...contrastsOf(after.site, at, piece.id)].flatMap(([part, ratio]): Moved[] => {
      const from = old.get(part);
      if (from === undefined || Math.abs(from - ratio) < RATIO) return [];
      return [
        {
          words: `${pieceTitle(after.site, piece)}, ${part}: ${from.toFixed(1)} → ${ratio.toFixed(1)} : 1`,
          lead: { to: 'place', place: { on: 'piece', ...at, piece: piece.id } },
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
 * which width bars fit, how texts stand out, which pages are reached. What matters most comes first.
 */
export function alsoMoved(before: Checked, after: Checked): Moved[] {
  const around = sameData(surroundingsOf(before.site), surroundingsOf(after.site));
  const all = assemblyKinds.flatMap((kind) =>
    Object.values(after.site[kind]).flatMap((assembly: Assembly): Moved[] => {
      const was = before.site[kind][assembly.id];
      if (!was || (around && sameData(was, assembly))) return [];
      const at = { in: kind, assembly: assembly.id };
      return [
        ...displaced(before, after, at),
        ...(kind === 'drawers' ? [] : refitted(before, after, at)),
        ...recoloured(before, after, at),
      ];
    }),
  );
  return [...all, ...reached(before, after)].sort((one, other) => other.weight - one.weight);
}
