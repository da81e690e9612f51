import { gzipSync } from 'node:zlib';

/** Pictures that would run, load, or take more than a logo may. */

const svg = (inside: string, attributes = '') =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"${attributes}>${inside}</svg>`;
const drawn = '<path d="M0 0h9v9z"/>';

export const hostilePictures: { what: string; name?: string; bytes(): string | Buffer; answer: RegExp }[] = [
  {
    what: 'comments on which an expression would go back and forth',
    bytes: () => `${'<!---->'.repeat(70)}<!--${'-'.repeat(40)}`,
    answer: /cannot be read as XML/,
  },
  { what: 'comments before it', bytes: () => `${'<!-- a -->'.repeat(60)}${svg(drawn)}`, answer: /^taken$/ },
  {
    what: '5,000 groups in each other',
    bytes: () => svg('<g>'.repeat(5000) + drawn + '</g>'.repeat(5000)),
    answer: /more than 60 deep/,
  },
  {
    what: '20,000 attributes',
    bytes: () =>
      svg(`<path d="M0 0h9" ${Array.from({ length: 20_000 }, (_, at) => `data-a${at}="1"`).join(' ')}/>`),
    answer: /more than 200 attributes/,
  },
  { what: '50,000 elements', bytes: () => svg('<g/>'.repeat(50_000)), answer: /more than 20000 elements/ },
  {
    what: 'one path of 1.9 MB',
    bytes: () => svg(`<path d="M0 0${'h1v1'.repeat(475_000)}"/>`),
    answer: /^taken$|takes more than/,
  },
  { what: 'more than 2 MB', bytes: () => svg(' '.repeat(2 * 1048576)), answer: /at most 2 MB/ },
  {
    what: 'entities that grow',
    bytes: () =>
      `<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;">]>${svg('<text>&b;</text>')}`,
    answer: /defines entities/,
  },
  { what: 'an unknown entity', bytes: () => svg('<text>&nbsp;</text>'), answer: /cannot be read as XML/ },
  { what: 'another namespace', bytes: () => '<svg><path d="M0 0h9"/></svg>', answer: /namespace of SVG/ },
  {
    what: 'UTF-16, in which nobody looked',
    bytes: () =>
      Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from(svg('<script>1</script>'), 'utf16le')]),
    answer: /not a picture/,
  },
  {
    what: 'gzip, in which nobody looked',
    bytes: () => gzipSync(svg('<script>1</script>')),
    answer: /not a picture/,
  },
  ...[
    ['a script', '<script>1</script>'],
    ['an escaped url()', String.raw`<style>path{fill:u\72l(https://example.com/a)}</style>`],
    ['an escaped @import', String.raw`<style>@\69mport "https://example.com/a.css";</style>`],
    ['an @import in capitals', '<style>@IMPORT "https://example.com/a.css";</style>'],
    ['image-set()', '<style>path{cursor:image-set("https://example.com/a.png" 1x)}</style>'],
    [
      'a prefixed image-set()',
      '<style>path{cursor:-webkit-image-set("https://example.com/a.png" 1x)}</style>',
    ],
    ['src()', '<style>path{mask:src("https://example.com/a.svg#m")}</style>'],
    ['image()', '<style>path{mask:image("https://example.com/a.svg")}</style>'],
    ['url() around a comment', '<style>path{fill:url(/**/"https://example.com/a")}</style>'],
    ['a font', '<style>@font-face{font-family:x;src:url(#a)}</style>'],
    ['a namespace', '<style>@namespace url(https://example.com/);</style>'],
    ['url() in an attribute', '<path fill="url(https://example.com/a#b)" d="M0 0h9"/>'],
    [
      'an escaped url() in an attribute',
      String.raw`<path fill="\75rl(https://example.com/a#b)" d="M0 0h9"/>`,
    ],
    ['url() in a style attribute', '<path style="fill:URL( https://example.com/a )" d="M0 0h9"/>'],
    ['url() in a text that is not closed', '<style>path{fill:url("https://example.com/a\n)}</style>'],
    ['a link', '<a href="https://example.com/"><path d="M0 0h9"/></a>'],
    ['a use of another file', '<use href="https://example.com/a.svg#b"/>'],
    ['a handler', '<path onload="1" d="M0 0h9"/>'],
  ].map(([what, inside]) => ({
    what: what!,
    bytes: () => svg(`${inside}${drawn}`),
    answer: /Artwork may not run or load anything/,
  })),
  {
    what: 'references to its own parts, which may stay',
    bytes: () =>
      svg(
        `<style>.a{fill:url(#g)} @media (min-width: 1px) {.a{stroke:rgb(0 0 0 / 50%)}}</style><defs><linearGradient id="g"/></defs><path class="a" mask="url('#g')" d="M0 0h9"/>`,
      ),
    answer: /^taken$/,
  },
  {
    what: 'half a PNG',
    name: 'half.png',
    bytes: () =>
      Buffer.from(
        'iVBORw0KGgoAAAANSUhEUgAAABAAAAAICAIAAAB/FOjAAAAACXBIWXMAAAPoAAAD6AG1e1JrAAAAFUlEQVQYlWMwTjtD',
        'base64',
      ),
    answer: /not a picture that can be read to its end/,
  },
];
