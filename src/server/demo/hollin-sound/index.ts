import type { Artwork } from '@/core/site/artwork';
import { defaultBands, defaultBrand } from '@/core/site/defaults';
import type { LinkedFile } from '@/core/site/file';
import type { PlacingRule } from '@/core/site/placing-schema';
import { SITE_VERSION, type Site } from '@/core/site/site';
import { byId, colours, typeStyles } from '../build';
import { hollinArtwork, timetable } from './artwork';
import { drawer } from './drawer';
import { footer, smallFooter } from './footers';
import { handbookHeader, header, plainHeader } from './headers';
import { menus, pages } from './pages-and-menus';

/** Hollin Sound Ferries: an invented ferry line between three made-up islands and a mainland harbour. */

/** What was read of bytes that the demo brings. */
export interface DemoBytes {
  artwork: Record<string, Pick<Artwork, 'type' | 'width' | 'height' | 'bytes' | 'hash'>>;
  timetable: Pick<LinkedFile, 'bytes' | 'hash'>;
}

const plain = { header: plainHeader.id, footer: smallFooter.id };

/** Which pages get something else than all others: the handbook, the shop, a landing page, news, and small print. */
const placingRules: PlacingRule[] = [
  {
    id: 'pl-handbook',
    where: { by: 'below', page: 'pg-handbook' },
    gives: { header: handbookHeader.id, footer: smallFooter.id },
  },
  { id: 'pl-shop', where: { by: 'tag', tag: 'shop' }, gives: plain },
  { id: 'pl-landing', where: { by: 'pages', pages: ['pg-freight'] }, gives: plain },
  { id: 'pl-news', where: { by: 'below', page: 'pg-company-news' }, gives: { footer: smallFooter.id } },
  {
    id: 'pl-small-print',
    where: { by: 'pages', pages: ['pg-terms', 'pg-privacy'] },
    gives: { footer: smallFooter.id },
  },
];

/** The demo site, once the bytes of its artwork and files are kept. */
export function hollinSound(id: string, bytes: DemoBytes): Site {
  return {
    version: SITE_VERSION,
    id,
    name: 'Hollin Sound Ferries',
    address: 'https://www.hollin-sound.example',
    embeds: [],
    languages: ['en', 'de'],
    words: { values: {} },
    bands: defaultBands,
    brand: {
      ...defaultBrand,
      colours: colours(
        {
          ground: '#fffefb',
          soft: '=c-foam',
          deep: '=c-deep-water',
          ink: '#16303f',
          muted: '#56696f',
          'on-deep': '#f3f7f5',
          accent: '=c-rust',
          line: '#cfd8d8',
          shade: 'rgb(18 63 89 / 20%)',
        },
        { Foam: '#eef2f1', 'Deep water': '#123f59', Rust: '#943a16', Buoy: 'oklch(78% 0.15 75)' },
        {
          ground: '#0e1a21',
          soft: '#16262f',
          deep: '#0a3048',
          ink: '#eef3f1',
          muted: '#adbec5',
          accent: '#f4ae8d',
          'on-accent': '#2b1006',
          line: '#3b5059',
          shade: 'rgb(0 0 0 / 45%)',
        },
      ),
      typeStyles: typeStyles({
        'type-heading': {
          family: 'source-serif-4',
          size: { from: { at: 360, px: 30 }, to: { at: 1200, px: 46 } },
        },
      }),
      logo: { full: 'a-logo', compact: 'a-mark', fullOnDark: 'a-logo-dark', compactOnDark: 'a-mark-dark' },
      values: { gutter: { desktop: 32, phone: 20 } },
    },
    placing: { header: header.id, footer: footer.id, rules: placingRules },
    pageOrder: pages.map((page) => page.id),
    pages: byId(pages),
    menus: byId(menus),
    headers: byId([header, handbookHeader, plainHeader]),
    drawers: byId([drawer]),
    footers: byId([footer, smallFooter]),
    artwork: byId(
      hollinArtwork.map(({ id: artwork, name, alt }) => ({
        id: artwork,
        name,
        alt,
        ...bytes.artwork[artwork]!,
      })),
    ),
    fonts: {},
    files: byId([{ id: 'fl-timetable', name: timetable.name, ...bytes.timetable }]),
  };
}
