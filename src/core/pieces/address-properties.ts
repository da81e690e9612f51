import { checkedTextKind } from '../properties/kinds/checked-text';
import { flagKind } from '../properties/kinds/flag';
import { lengthKind } from '../properties/kinds/length';
import { textKind } from '../properties/kinds/text';
import { dressProperties, markerProperties, statedPart } from '../properties/dress';
import { hoursProblem } from '../properties/hours';
import { emailProblem, telephoneDigits, telephoneProblem } from '../properties/link';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';

export const part = statedPart({ label: 'Links', prefix: 'address', selector: '& .address-link' });

const line = <const Name extends string>(name: Name, label: string) =>
  property({
    name,
    label,
    group: 'Address',
    kind: textKind(120, 'left out'),
    by: 'language',
    initial: '' as string,
  });

/** The two ways in which somebody is reached: what is said before each, in short and in full, and how it is checked. */
export const ways = {
  telephone: {
    label: 'Telephone',
    example: '+44 1632 960000',
    problem: telephoneProblem,
    href: (said: string) => `tel:${telephoneDigits(said)}`,
  },
  mail: {
    label: 'E-mail',
    example: 'name@example.com',
    problem: emailProblem,
    href: (said: string) => `mailto:${said}`,
  },
} as const;
export type Way = keyof typeof ways;

function wayProperties<const Name extends Way>(name: Name) {
  const { label, example, problem } = ways[name];
  return propertyList(
    property({
      name,
      label,
      group: label,
      kind: checkedTextKind(254, { empty: 'left out', example }, problem),
      by: null,
      initial: '' as string,
    }),
    property({
      name: `${name}Read` as const,
      label: 'As people read it',
      group: label,
      kind: textKind(120, 'as it is dialled or written to'),
      by: 'language',
      initial: '' as string,
    }),
  );
}

/** What can be set on an address. */
export const addressProperties = propertyList(
  line('name', 'Name'),
  line('line1', 'First line'),
  line('line2', 'Second line'),
  line('line3', 'Third line'),
  wayProperties('telephone'),
  wayProperties('mail'),
  property({
    name: 'waysSaid',
    label: 'Before a number or an address',
    group: 'Address',
    kind: flagKind('nothing', '“Tel.” and the like, in the page’s language'),
    by: null,
    initial: true,
  }),
  property({
    name: 'hours',
    label: 'Open',
    group: 'Hours',
    kind: checkedTextKind(
      400,
      { empty: 'left out', example: 'Mon-Fri 9-17:30; Sat 10-14; Sun closed' },
      hoursProblem,
    ),
    by: null,
    initial: '',
  }),
  property({
    name: 'hoursHeading',
    label: 'Words above them',
    group: 'Hours',
    kind: textKind(60, 'nothing'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'asData',
    label: 'For search engines',
    group: 'Address',
    kind: flagKind('as it is read', 'as data too (JSON-LD)'),
    by: null,
    initial: false,
  }),
  property({
    name: 'blockGap',
    label: 'Between its parts',
    group: 'Space',
    kind: lengthKind(0, 120),
    by: 'width',
    initial: 12,
  }),
  dressProperties(part, { open: 'as the bar', marked: ['hover'] }),
  markerProperties('& .address-link'),
  typeProperties('type-small'),
  placeProperties,
);
export type AddressValues = ValuesOf<typeof addressProperties>;
