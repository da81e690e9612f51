import type { Said, SaidBar, SaidPiece } from '../site/compose';
import type { Starter, StarterSource } from './starter';

/** A ground with what stands on it in colours that are legible there. */
const on = (ground: string, values: Said = {}): Said => ({ ground, set: true, ...values });

const roomy: Said = { padding: { desktop: 48, phone: 32 }, across: 'start', bayGap: 32, pieceGap: 24 };

/** Bays at the edges, below each other at the start where that is too much for one line. */
const edges: Said = {
  division: { desktop: { by: 'edges' }, tablet: { by: 'stack' } },
  across: { desktop: 'center', tablet: 'start' },
  bayGap: { desktop: 24, tablet: 0 },
};

/** Bays beside each other by shares, in narrower windows below each other. */
const shares = (...each: number[]): Said => ({
  division: { desktop: { by: 'shares', shares: each }, tablet: { by: 'stack' } },
});

/** The menu as a list for each of its items, beside each other as far as there is room. */
const columns = ({ menu }: StarterSource, values: Said = {}): SaidPiece => [
  'links',
  { menu, grouped: 'columns', columns: { desktop: 4, tablet: 2, phone: 1 }, takesRest: true, ...values },
];

/** A bay whose pieces are as wide as it is where they stand below each other. */
const wide = (...pieces: SaidPiece[]) => ({
  values: { along: { desktop: 'start', phone: 'spread' } },
  pieces,
});

/** A menu as links in lines, one after another; on the phone below each other. */
const row = (menu: string | null, values: Said = {}): SaidPiece => [
  'links',
  {
    menu,
    run: { desktop: 'row', phone: 'column' },
    linkGap: { desktop: 20, phone: 8 },
    textSize: 14,
    ...values,
  },
];

const rights = ({ siteName }: StarterSource, values: Said = {}): SaidPiece => [
  'text',
  { text: [`© ${siteName}`], textSize: 14, ...values },
];

/** The last line of a footer: a strip that is darker than the ground above, whatever that is. */
const strip = (source: StarterSource, ground: string, end: SaidPiece[] = []): SaidBar => ({
  name: 'Legal strip',
  values: on(ground, {
    shade: -12,
    leastHeight: 56,
    padding: 4,
    ...edges,
  }),
  bays: { start: [rights(source)], end: [row(source.secondMenu), ...end] },
});

const address = ({ siteName }: StarterSource, values: Said = {}): SaidPiece => [
  'address',
  {
    name: siteName,
    line1: 'Street and number',
    line2: 'Town',
    telephone: '+44 1632 960000',
    mail: 'post@example.com',
    ...values,
  },
];

const hours: Said = { hours: 'Mon-Fri 9-17; Sat 10-14; Sun closed', hoursHeading: 'Open' };
const logo = (height = 40): SaidPiece => ['logo', { version: 'full', artworkHeight: height }];
const letter: SaidPiece = ['newsletter', { label: 'News by e-mail', consent: ['You may write to me.'] }];
const languages: SaidPiece = ['language', { form: 'drop', belowAlign: 'end' }];
const social = (source: StarterSource, values: Said = {}): SaidPiece => [
  'social',
  { menu: source.socialMenu(), ...values },
];
const action = ({ action: link }: StarterSource, values: Said = {}): SaidPiece[] =>
  link.to === 'nothing' ? [] : [['button', { label: 'Get in touch', link, ...values }]];

/** Every ready-made footer, in the order in which they are offered. */
export const footerStarters: readonly Starter[] = [
  {
    id: 'footer-line',
    name: 'One line',
    about: 'Rights at the start, a few links at the end.',
    bars: (source) => [
      {
        name: 'Line',
        values: on('soft', {
          leastHeight: 64,
          ...edges,
        }),
        bays: { start: [rights(source)], end: [row(source.secondMenu)] },
      },
    ],
  },
  {
    id: 'footer-columns',
    name: 'Columns over a strip',
    about: 'A list for each part of the menu on a deep ground, and a darker strip with the small print.',
    bars: (source) => [
      { name: 'Links', values: on('deep', roomy), bays: [wide(columns(source))] },
      strip(source, 'deep'),
    ],
  },
  {
    id: 'footer-centred',
    name: 'All in the middle',
    about: 'Logo, links, pictograms and rights below each other, each truly centred.',
    bars: (source) => [
      {
        name: 'Middle',
        values: on('ground', {
          division: { by: 'stack' },
          lineAbove: 'border-hairline',
          padding: 40,
          pieceGap: 16,
        }),
        bays: [
          {
            values: { along: 'center' },
            pieces: [logo(), row(source.menu), social(source), rights(source)],
          },
        ],
      },
    ],
  },
  {
    id: 'footer-address',
    name: 'Address and hours',
    about: 'Where you are and when you are there, beside the links, in shares of 1 : 2.',
    bars: (source) => [
      {
        name: 'Address and links',
        values: on('soft', { ...roomy, ...shares(1, 2) }),
        bays: [
          [address(source, hours)],
          wide(columns(source, { columns: { desktop: 3, tablet: 2, phone: 1 } })),
        ],
      },
      strip(source, 'soft'),
    ],
  },
  {
    id: 'footer-newsletter',
    name: 'Newsletter first',
    about: 'A band in the accent colour that asks for an address, above the lists of links.',
    bars: (source) => [
      {
        name: 'Newsletter',
        values: on('accent', {
          padding: 32,
          ...edges,
          across: 'start',
        }),
        bays: { start: [['text', { text: ['What is new, once a month.'], textSize: 20 }]], end: [letter] },
      },
      { name: 'Links', values: on('deep', roomy), bays: [wide(columns(source))] },
      strip(source, 'deep'),
    ],
  },
  {
    id: 'footer-call',
    name: 'A last call',
    about: 'Large words and one button, and below them a single line of links.',
    bars: (source) => [
      {
        name: 'Call',
        values: on('deep', { padding: { desktop: 64, phone: 40 }, division: { by: 'stack' }, pieceGap: 24 }),
        bays: [
          {
            values: { along: 'center' },
            pieces: [
              ['text', { text: ['Come and see for yourself.'], typeStyle: 'type-heading' }],
              ...action(source),
            ],
          },
        ],
      },
      strip(source, 'deep', [languages]),
    ],
  },
  {
    id: 'footer-unfolding',
    name: 'Lists that unfold',
    about: 'Columns on wide windows; on the phone their headings open them, one at a time.',
    bars: (source) => [
      {
        name: 'Links',
        values: on('ground', { ...roomy, lineAbove: 'border-strong' }),
        bays: [
          wide(
            columns(source, {
              unfolds: { desktop: 'open', phone: 'one' },
              lines: { desktop: null, phone: 'border-hairline' },
              columnGap: { desktop: 32, phone: 0 },
            }),
          ),
        ],
      },
      strip(source, 'ground', [languages]),
    ],
  },
  {
    id: 'footer-halves',
    name: 'Two halves',
    about: 'Who you are on a soft half, where to go on a deep one below it.',
    bars: (source) => [
      {
        name: 'Who',
        values: on('soft', { ...roomy, ...shares(1, 1), across: 'center' }),
        bays: [[logo(48)], { values: { along: { desktop: 'end' } }, pieces: [address(source)] }],
      },
      { name: 'Where to', values: on('deep', roomy), bays: [wide(columns(source))] },
      strip(source, 'deep'),
    ],
  },
  {
    id: 'footer-signs',
    name: 'Pictograms first',
    about: 'Large pictograms in the middle, and the small print around them.',
    bars: (source) => [
      {
        name: 'Pictograms',
        values: on('deep', { ...edges, padding: 24, bayGap: { desktop: 24, tablet: 12 } }),
        bays: {
          start: [rights(source)],
          middle: [social(source, { signSize: 28, signGap: 16 })],
          end: [['top', { textSize: 14 }]],
        },
      },
    ],
  },
  {
    id: 'footer-shop',
    name: 'Links, letter and languages',
    about: 'Links beside a newsletter in shares of 2 : 1; languages open upwards from the strip.',
    bars: (source) => [
      {
        name: 'Links and newsletter',
        values: on('soft', { ...roomy, ...shares(2, 1) }),
        bays: [wide(columns(source, { columns: { desktop: 3, tablet: 2, phone: 1 } })), [letter]],
      },
      {
        name: 'Ways to follow',
        values: on('soft', { lineAbove: 'border-hairline', leastHeight: 64 }),
        bays: { start: [logo(32)], end: [social(source)] },
      },
      strip(source, 'soft', [languages]),
    ],
  },
  {
    id: 'footer-wide-logo',
    name: 'Logo beside lists',
    about: 'The logo with a sentence and pictograms, and beside it one list with a heading and an address.',
    bars: (source) => [
      {
        name: 'Main part',
        values: on('ground', { ...roomy, ...shares(2, 1, 1), lineAbove: 'border-hairline' }),
        bays: [
          [logo(), ['text', { text: ['A sentence about what you do.'] }], social(source)],
          [['links', { menu: source.menu, heading: 'This website' }]],
          [address(source)],
        ],
      },
      strip(source, 'ground'),
    ],
  },
  {
    id: 'footer-pinned',
    name: 'Pinned and slim',
    about: 'Stays at the bottom of the window: how to reach you, and the way back to the top.',
    values: { stands: { desktop: 'pinned' } },
    bars: () => [
      {
        name: 'Slim bar',
        values: on('deep', { leastHeight: 48, padding: 2, bayGap: { desktop: 24, phone: 8 } }),
        bays: {
          start: [['contact', { link: { to: 'telephone', telephone: '+44 1632 960000' }, textSize: 14 }]],
          end: [['top', { textSize: 14 }]],
        },
      },
    ],
  },
];
