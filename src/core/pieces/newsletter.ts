import { box, words as inWords } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { leastOf } from '../lengths/formula';
import { el } from '../markup/html';
import { plainWords } from '../properties/kinds/words';
import { dressedCss } from '../properties/dress';
import { dressedBox } from './content';
import { kindOfPiece, pieceClass } from './piece';
import { linksIn, wordsHtml } from './text';
import {
  answers,
  fieldPart,
  goPart,
  newsletterAnswers,
  newsletterProperties,
  type NewsletterValues,
} from './newsletter-properties';

/** How narrow the field may get, in CSS px. */
const FIELD_LEAST = 120;

/** The size of the box that is ticked, in CSS px at the usual text size. */
const TICK = 24;

const layouts = ({ fieldWidth, fieldHeight, rowGap }: NewsletterValues) =>
  ({
    '': { display: 'flex', flexDirection: 'column', gap: rowGap },
    '.newsletter-label': { display: 'block' },
    '.newsletter-row': {
      display: 'grid',
      gridTemplateColumns: [{ least: leastOf(fieldWidth, FIELD_LEAST), most: fieldWidth }, 'auto'],
      gap: rowGap,
    },
    '.newsletter-field': {
      inlineSize: '100%',
      minInlineSize: 0,
      blockSize: fieldHeight,
      padding: [0, { em: 0.75 }],
      border: { width: 1, look: 'solid' },
    },
    '.newsletter-go': {
      display: 'inline-grid',
      placeContent: 'center',
      minBlockSize: fieldHeight,
      paddingInline: { em: 1 },
      whiteSpace: 'nowrap',
    },
    '.newsletter-consent': { display: 'flex', alignItems: 'start', gap: { em: 0.5 } },
    '.newsletter-tick': { flexShrink: 0, inlineSize: { rem: TICK }, blockSize: { rem: TICK } },
  }) as const satisfies Layouts;

/** A field for an e-mail address that is sent to a service of the designer’s choice; it is a plain form, which the script answers in place. */
export const newsletter = kindOfPiece<NewsletterValues>({
  kind: 'newsletter',
  inInk: true,
  label: 'Newsletter',
  about: 'A form to subscribe by e-mail, with consent and its answers.',
  properties: newsletterProperties,
  someCss: [linksIn(({ consent }) => consent)],
  css: {
    '.newsletter-field': {
      'background-color': 'var(--ground)',
      color: 'var(--ink)',
      font: 'inherit',
      'border-radius': 'var(--radius-small)',
      'transition-property': 'color, background-color, border-color',
    },
    '.newsletter-go': {
      'background-color': 'var(--accent)',
      color: 'var(--on-accent)',
      'border-radius': 'var(--radius-small)',
      ...dressedCss,
    },
    '.newsletter-tick': { margin: '0', 'accent-color': 'var(--accent)' },
    '.newsletter-answer': { margin: '0' },
    '.newsletter a': { color: 'inherit' },
  },
  layouts,
  targets: ['.newsletter-field', '.newsletter-go', '.newsletter-consent'],
  box(values, content) {
    const laid = layouts(values);
    const { words } = content;
    const field = {
      ...laid['.newsletter-field'],
      alignContent: 'center',
      whiteSpace: 'nowrap',
      lineHeight: 'normal',
    } as const;
    const consent = plainWords(values.consent).trim();
    return box('', laid[''], [
      box('.newsletter-label', laid['.newsletter-label'], [inWords(values.label.trim() || words.email)]),
      box('.newsletter-row', laid['.newsletter-row'], [
        box('.newsletter-field', field, [], dressedBox(values, fieldPart.prefix, content)),
        box(
          '.newsletter-go',
          laid['.newsletter-go'],
          [inWords(values.go.trim() || words.subscribe)],
          dressedBox(values, goPart.prefix, content),
        ),
      ]),
      consent === ''
        ? null
        : box('.newsletter-consent', laid['.newsletter-consent'], [
            box('.newsletter-tick', laid['.newsletter-tick'], []),
            box('.newsletter-consent > :last-child', {}, [inWords(consent)]),
          ]),
      // It stands there before anything is said in it, so that readers hear what is.
      box('.newsletter-answer', {}, []),
    ]);
  },
  summary: () => 'shown',
  caption: ({ service }) => (service === '' ? 'sent to nobody yet' : ''),
  html(piece, context) {
    const { values } = piece;
    const { words } = context;
    const name = context.idOf(piece.id);
    const field = `${name}-field`;
    const said = Object.fromEntries(
      answers.map((answer) => [
        `data-${answer}`,
        values[`${answer}Said`].trim() || words[newsletterAnswers[answer].word],
      ]),
    );
    return el(
      'form',
      {
        class: pieceClass(piece, context),
        // Without a service of its own it is answered by the application alone, where the site is tried.
        action: values.service || context.newsletterHref(),
        method: 'post',
        'data-newsletter': true,
      },
      el('label', { class: 'newsletter-label', for: field }, values.label.trim() || words.email),
      el(
        'div',
        { class: 'newsletter-row' },
        el('input', {
          class: 'newsletter-field',
          id: field,
          type: 'email',
          name: 'email',
          autocomplete: 'email',
          required: true,
        }),
        el('button', { class: 'newsletter-go', type: 'submit' }, values.go.trim() || words.subscribe),
      ),
      plainWords(values.consent).trim() !== '' &&
        el(
          'label',
          { class: 'newsletter-consent' },
          el('input', {
            class: 'newsletter-tick',
            type: 'checkbox',
            name: 'consent',
            value: 'yes',
            required: true,
          }),
          el('span', {}, ...wordsHtml(values.consent, context)),
        ),
      el('p', { class: 'newsletter-answer', role: 'status', ...said }),
    );
  },
});
