import { checkedTextKind } from '../properties/kinds/checked-text';
import { lengthKind } from '../properties/kinds/length';
import { textKind } from '../properties/kinds/text';
import { wordsKind } from '../properties/kinds/words';
import { dressProperties, statedPart } from '../properties/dress';
import { secureAddressProblem } from '../properties/link';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';

export const fieldPart = statedPart({
  label: 'Field',
  prefix: 'newsletterField',
  selector: '& .newsletter-field',
  states: ['rest', 'hover', 'focus'],
  look: { ink: 'ink', ground: 'ground', border: '1 px, as its text', fieldLine: 'of its text' },
});
export const goPart = statedPart({
  label: 'Button',
  prefix: 'newsletterGo',
  selector: '& .newsletter-go',
  look: { ink: 'on-accent', ground: 'accent' },
});

/** The address of a newsletter is asked for in the open by nobody else: it begins with https (HTML, 4.10.18.6 "Form submission"). */
const serviceProblem = secureAddressProblem('A newsletter is sent to an address that begins with https://.');

const said = <const Name extends string>(name: Name, label: string, placeholder: string) =>
  property({
    name,
    label,
    group: 'Content',
    kind: textKind(120, placeholder),
    by: 'language',
    initial: '' as string,
  });

/** The answers, each with the word that comes for it; which status of the service means which is in runtime/newsletter.js. */
export const newsletterAnswers = {
  sent: { label: 'Sent', word: 'sent' },
  known: { label: 'Known already', word: 'knownAddress' },
  wrong: { label: 'Not an address', word: 'wrongAddress' },
  silent: { label: 'No answer', word: 'noAnswer' },
} as const;
export type Answer = keyof typeof newsletterAnswers;
export const answers = Object.keys(newsletterAnswers) as Answer[];

const answerProperty = <const Name extends Answer>(name: Name) =>
  property({
    name: `${name}Said` as const,
    label: newsletterAnswers[name].label,
    group: 'Answers',
    kind: textKind(200, 'the page’s own words'),
    by: 'language',
    initial: '' as string,
  });

/** What can be set on a newsletter. */
export const newsletterProperties = propertyList(
  said('label', 'Label', '“E-mail address”, in the page’s language'),
  said('go', 'Words of the button', '“Subscribe”, in the page’s language'),
  property({
    name: 'service',
    label: 'Sent to',
    group: 'Content',
    kind: checkedTextKind(
      2000,
      { empty: 'nobody yet', example: 'https://news.example.com/subscribe' },
      serviceProblem,
    ),
    by: null,
    initial: '',
  }),
  property({
    name: 'consent',
    label: 'Agreed to',
    group: 'Content',
    kind: wordsKind(400),
    by: 'language',
    initial: [],
  }),
  answerProperty('sent'),
  answerProperty('known'),
  answerProperty('wrong'),
  answerProperty('silent'),
  property({
    name: 'fieldWidth',
    label: 'Width of the field',
    group: 'Space',
    kind: lengthKind(80, 800),
    by: 'width',
    initial: 220,
  }),
  property({
    name: 'fieldHeight',
    label: 'Height of the field',
    group: 'Space',
    kind: lengthKind(24, 96),
    by: 'width',
    initial: 44,
  }),
  property({
    name: 'rowGap',
    label: 'Between its parts',
    group: 'Space',
    kind: lengthKind(0, 80),
    by: 'width',
    initial: 8,
  }),
  dressProperties(fieldPart, { open: 'as it comes' }),
  dressProperties(goPart, { open: 'as it comes' }),
  typeProperties('type-small'),
  placeProperties,
);
export type NewsletterValues = ValuesOf<typeof newsletterProperties>;
