import { sampleSite } from '../../src/core/site/sample.test-data';
import type { TextToRead } from '../../src/core/formats/read-text';

/** Texts to be pasted that would take a screen down or freeze it. */

const page = (format: string, text: string): TextToRead => ({
  read: 'pages',
  format,
  text,
  taken: new Map(),
});
const menu = (format: string, text: string): TextToRead => ({ read: 'menu', format, text });

/** A list of two references to the list before it, so many times: what they come to doubles with each. */
function doubling(count: number): string {
  const lists = Array.from({ length: count }, (_, at) => [
    `s${at}`,
    { $value: [`{c.s${at - 1}}`, `{c.s${at - 1}}`] },
  ]);
  return JSON.stringify({ c: { $type: 'shadow', 's-1': { $value: [] }, ...Object.fromEntries(lists) } });
}

const deep = (count: number, open: string, close: string) => open.repeat(count) + close.repeat(count);

export const hostileTexts: { what: string; asked: TextToRead; answer: RegExp }[] = [
  {
    what: 'a sitemap with an entity',
    asked: page(
      'sitemap',
      '<!DOCTYPE urlset [<!ENTITY a "b">]><urlset><url><loc>https://example.com/&a;</loc></url></urlset>',
    ),
    answer: /not XML/,
  },
  {
    what: 'a sitemap of 200 tags in each other',
    asked: page('sitemap', `<urlset>${deep(200, '<a>', '</a>')}</urlset>`),
    answer: /^0 found, 0 problems$/,
  },
  {
    what: 'a sitemap of 100,000 tags in each other',
    asked: page('sitemap', `<urlset>${deep(100_000, '<a>', '</a>')}</urlset>`),
    answer: /^0 found, 0 problems$/,
  },
  {
    what: 'a sitemap with a tag <constructor>',
    asked: page(
      'sitemap',
      '<urlset><constructor/><__proto__>x</__proto__><url><loc>https://example.com/a</loc></url></urlset>',
    ),
    answer: /^1 found, 0 problems$/,
  },
  {
    what: 'a sitemap of 200,000 addresses',
    asked: page(
      'sitemap',
      `<urlset>${'<url><loc>https://example.com/a</loc></url>'.repeat(80_000)}</urlset>`,
    ),
    answer: /At most 5000 addresses/,
  },
  {
    what: 'HTML nested 20,000 deep',
    asked: menu('html', `<nav>${'<div>'.repeat(20_000)}<a href="/a">A</a>`),
    answer: /more than 250 deep/,
  },
  {
    what: 'lists nested 2,000 deep',
    asked: menu('html', `<nav>${'<ul><li>a'.repeat(2000)}`),
    answer: /more than 250 deep/,
  },
  {
    what: 'OPML of outlines in each other',
    asked: menu('opml', `<opml><body>${deep(20_000, '<outline text="a">', '</outline>')}</body></opml>`),
    answer: /stands on level 4/,
  },
  {
    what: 'OPML with an entity',
    asked: menu('opml', '<!DOCTYPE opml [<!ENTITY a "b">]><opml><body><outline text="&a;"/></body></opml>'),
    answer: /not XML/,
  },
  {
    what: 'a tag <constructor> in OPML',
    asked: menu(
      'opml',
      '<opml><constructor/><outline text="A" url="/a" __proto__="x" constructor="y"/></opml>',
    ),
    answer: /^1 found, 0 problems$/,
  },
  {
    what: 'tokens that double',
    asked: { read: 'tokens', text: doubling(40), site: sampleSite() },
    answer: /100000 values/,
  },
  {
    what: 'tokens nested 50,000 deep',
    asked: { read: 'tokens', text: deep(50_000, '{"a":', '}').replace('}', '1}'), site: sampleSite() },
    answer: /cannot be read|no token/,
  },
  {
    what: 'tokens with names that every object has',
    asked: {
      read: 'tokens',
      text: '{"__proto__":{"constructor":{"$type":"color","$value":"#fff"}}}',
      site: sampleSite(),
    },
    answer: /cannot be read as a colour|found/,
  },
  {
    what: 'CSV of 50,000 rows',
    asked: page('csv', `title,path\n${'A,/a\n'.repeat(50_000)}`),
    answer: /At most 5000 rows/,
  },
  {
    what: 'CSV of 50,000 rows as a menu',
    asked: menu('csv', `label,target\n${'A,/a\n'.repeat(50_000)}`),
    answer: /At most 5000 rows/,
  },
  {
    what: 'CSV with columns that every object has',
    asked: page('csv', 'title,path,__proto__,constructor\nA,/a,x,y\n'),
    answer: /^1 found, 0 problems$/,
  },
  {
    what: 'CSV with a quotation mark that is never closed',
    asked: page('csv', `title,path\n"${'a,b\n'.repeat(20_000)}`),
    answer: /quotation marks/,
  },
  {
    what: 'a line of 200,000 blanks',
    asked: page('list', `a${' '.repeat(200_000)}b`),
    answer: /at most 2000 characters/,
  },
  {
    what: 'a line of 200,000 blanks in a menu',
    asked: menu('list', `a${' '.repeat(200_000)}b`),
    answer: /at most 2000 characters/,
  },
  {
    what: 'a Markdown list of 200,000 blanks',
    asked: menu('markdown', `- a${' '.repeat(200_000)}b`),
    answer: /found|characters/,
  },
  { what: '100,000 lines', asked: menu('list', 'a\n'.repeat(100_000)), answer: /at most 5000 lines/ },
  {
    what: 'five million characters',
    asked: page('list', 'x'.repeat(5_000_000)),
    answer: /at most 4 million/,
  },
  {
    what: 'a title with a NUL',
    asked: page('list', 'Ho\u0000me  /'),
    answer: /control characters/,
  },
];
