import { bandChain, bandRangeText } from '../bands/band';
import { EVERYWHERE } from '../bands/follow';
import { findPlace, type Place } from '../edit/place';
import { usually } from '../fit/heights';
import { settledOver } from '../fit/settled-over';
import { placeOfPointed, type Pointed } from '../pointing/pointed';
import { phaseCell, phaseLabels, phases, type Phase } from '../properties/phases';
import type { Property } from '../properties/property';
import { settledValue } from '../resolve/settled-values';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import type { CellAt, Reason } from './reason';
import { begunRules, whyOf } from './why';

/** A value that somebody or something has made other than it is from the start, with the chain of what did. */
export interface WhyValue {
  asked: CellAt;
  label: string;
  reasons: readonly Reason[];
}

/** Why something looks as it does at a width of the viewport and in a phase of scrolling. */
export interface WhyHere {
  /** What holds there, in words: the band, the phase, and the rules that have begun. */
  holds: string[];
  values: WhyValue[];
}

/** The cell of a property that decides at a width and in a phase; texts and states are not a matter of these. */
function cellHere({ by, phased }: Property, band: string, phase: Phase): string | null {
  if (by === 'width') return phased ? phaseCell(band, phase) : band;
  return by === null ? EVERYWHERE : by === 'state' ? 'rest' : null;
}

/** What is looked at of something: of an item, what its piece makes of it too. */
const placesOf = (pointed: Pointed): Place[] => [
  placeOfPointed(pointed),
  ...(pointed.on === 'item' ? [{ on: 'piece' as const, ...pointed.at, piece: pointed.piece }] : []),
];

/** What made something that is pointed at look as it does in a view, in CSS px wide; null where it is gone. */
export function whyHere(
  site: Site,
  advances: Advances,
  pointed: Pointed,
  { width, phase }: { width: number; phase: Phase },
): WhyHere | null {
  const { at } = pointed;
  const assembly = site[at.in][at.assembly];
  if (!assembly || typeof findPlace(site, placeOfPointed(pointed)) === 'string') return null;
  const span = { from: width, to: width + 0.001 };
  const [there] = settledOver(usually(site, advances), at.in, assembly, { span, tally: { complete: true } });
  if (!there) return null;
  const { band } = there.within;
  const reached = there.phases.findLast((each) => phases.indexOf(each.phase) <= phases.indexOf(phase))!;
  const begun = begunRules(site, advances, at, assembly, (below) => width < below);
  const { name } = site.bands.find(({ id }) => id === band)!;
  const holds = [
    `${name}, ${bandRangeText(site.bands, band)} px`,
    ...(there.phases.length > 1 ? [phaseLabels[reached.phase]] : []),
    ...begun.map(
      ({ bar, nth, below }) => `collapse rule ${nth} of “${assembly.bars[bar]!.name}”, below ${below} px`,
    ),
  ];
  const valuesAt = (place: Place): WhyValue[] => {
    const found = findPlace(site, place);
    if (typeof found === 'string') return [];
    const turns = begun.flatMap(({ rule }) => rule.turns);
    const isTurned = (property: string) =>
      turns.some((turn) => place.on === 'piece' && turn.piece === place.piece && turn.property === property);
    return found.properties.flatMap((property): WhyValue[] => {
      const cell = cellHere(property, band, reached.phase);
      if (cell === null) return [];
      const { from } = settledValue(found.holder.values, property, bandChain(site.bands), cell);
      if (from === null && !isTurned(property.name)) return [];
      const asked = { place, property: property.name, cell };
      const label = property.part ? `${property.group}: ${property.label}` : property.label;
      return [{ asked, label, reasons: whyOf(site, advances, asked, width) }];
    });
  };
  return { holds, values: placesOf(pointed).flatMap(valuesAt) };
}
