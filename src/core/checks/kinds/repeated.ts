import { bandChain } from '../../bands/band';
import { placeName } from '../../edit/place-name';
import { findPlace, type Place } from '../../edit/place';
import { assemblyKinds } from '../../properties/assembly-kind';
import { cellName } from '../../edit/place-name';
import { found, type Check } from '../check';
import type { Assembly } from '../../site/assembly';
import type { AssemblyPlace } from '../../edit/place';

function placesIn(at: AssemblyPlace, assembly: Assembly): Place[] {
  return [
    { on: 'assembly', ...at },
    ...assembly.order.map((bar): Place => ({ on: 'bar', ...at, bar })),
    ...Object.keys(assembly.pieces).map((piece): Place => ({ on: 'piece', ...at, piece })),
  ];
}

/** Values of a band that repeat what the wider band says, which they would follow without being said: a later change there does not reach them. */
export const repeated: Check = {
  id: 'repeated',
  label: 'Values that repeat what they follow',
  from: 'What is said twice is changed once',
  harm: 'untidy',
  find({ site }) {
    const chain = bandChain(site.bands);
    return assemblyKinds.flatMap((kind) =>
      Object.values(site[kind]).flatMap((assembly) =>
        placesIn({ in: kind, assembly: assembly.id }, assembly).flatMap((place) => {
          const content = findPlace(site, place);
          if (typeof content === 'string') return [];
          const { holder, properties } = content;
          return properties
            .filter(({ by, name }) => by === 'width' && Object.keys(holder.values[name] ?? {}).length > 1)
            .flatMap(({ name, label }) => {
              const cells = holder.values[name] as Readonly<Record<string, unknown>>;
              return chain.slice(1).flatMap((band, index) => {
                if (!(band in cells)) return [];
                const wider = chain.slice(0, index + 1).findLast((each) => each in cells);
                if (wider === undefined || JSON.stringify(cells[wider]) !== JSON.stringify(cells[band]))
                  return [];
                const of =
                  place.on === 'assembly' ? assembly.name : `${assembly.name}, ${placeName(site, place)}`;
                return [
                  found({
                    lead: { to: 'cell', place, property: name, cell: band },
                    at: of,
                    seen: { band },
                    words: `${label} on the ${cellName(site, band)} repeats what the ${cellName(site, wider)} says.`,
                    repair: {
                      label: 'Let it follow',
                      edits: [{ edit: 'clearValue', place, property: name, cell: band }],
                    },
                  }),
                ];
              });
            });
        }),
      ),
    );
  },
};
