import { composeAssembly, type Said, type SaidBar, type SaidPiece } from '../../src/core/site/compose';
import { composeValues } from '../../src/core/site/compose';
import { typeStyleProperties } from '../../src/core/brand/type-style';
import { brandProperties } from '../../src/core/properties/brand';
import { itemProperties } from '../../src/core/properties/menu';
import { newItem, newMenu, newPage, newSite } from '../../src/core/site/defaults';
import { countedIds } from '../../src/core/site/sample.test-data';
import type { Link } from '../../src/core/properties/link';
import type { Length } from '../../src/core/lengths/formula';
import type { Menu } from '../../src/core/site/menu';
import type { Site } from '../../src/core/site/site';
import { numbers } from './numbers';
import { furtherTongues, tongues } from './tongues';

/** A site as `generatedSite` makes it, of numbers that a seed decides. */
export const seededSite = (seed: number) =>
  generatedSite(numbers(seed), { name: `seed ${seed}`, third: seed % 3 });

/** How a site is made: the name of its header, which of three kinds of links it has, and whether it holds whatever a header can hold. */
interface Making {
  name: string;
  /** One of the further languages, else one of the others is drawn. */
  tongue?: string | null;
  third: number;
  /** Pictures that may be shown; with them, everything else that a header can hold is made use of. */
  artwork?: Site['artwork'];
}

/** A site with one page and one header of pieces, divisions, fonts, lengths and a language that numbers from 0 to 1 decide. */
export function generatedSite(next: () => number, { name, third, artwork, tongue = null }: Making): Site {
  const rich = artwork !== undefined;
  const whole = (least: number, most: number) => least + Math.floor(next() * (most - least + 1));
  const one = <T>(of: readonly T[]): T => of[Math.floor(next() * of.length)]!;
  const perhaps = (share: number) => next() > 1 - share;
  /** Only where whatever a header can hold is made use of; nothing is drawn otherwise. */
  const also = (share: number, said: () => Said): Said => (rich && perhaps(share) ? said() : {});
  const pictures = Object.keys(artwork ?? {});

  const drawn = one(Object.keys(tongues));
  const language = tongue ?? drawn;
  const { words, families } = (tongues[language] ?? furtherTongues[language])!;
  const text = (count: number) => Array.from({ length: count }, () => one(words)).join(' ');
  const size = (): Said[string] =>
    perhaps(0.4)
      ? {
          desktop: {
            from: { at: whole(320, 800), px: whole(11, 15) },
            to: { at: whole(900, 1700), px: whole(15, 22) },
          },
        }
      : whole(11, 22) + (rich ? whole(0, 7) / 8 : 0);

  /** A length that is about so long, and grows with the window more often than not. */
  const length = (px: number): Length =>
    one<Length>([
      px,
      px,
      { least: [px, { px: 0, share: Math.max(1, px) / 900 }] },
      { px: Math.round(px / 2), share: px / 2400 },
      { from: { at: 400, px: Math.ceil(px / 2) }, to: { at: 1300, px } },
    ]);

  const ids = countedIds();
  const menu = (id: string, count: number): Menu => {
    const items = Array.from({ length: count }, (_, index) =>
      newItem({
        id: `${id}-${index}`,
        label: text(perhaps(0.2) ? 2 : 1),
        link: { to: 'page', page: 'home' },
        values: composeValues(
          {
            ...(perhaps(0.2) ? { icon: 'ship' } : {}),
            ...(perhaps(0.2) ? { leaves: one(['first', 'last']) } : {}),
            ...(perhaps(0.15) ? { badge: String(whole(1, 30)) } : {}),
            ...(perhaps(0.1) ? { shown: { desktop: 'shown', tablet: 'hidden' } } : {}),
            ...also(0.15, () => ({ description: text(whole(2, 12)) })),
          },
          itemProperties,
        ),
      }),
    );
    const below = perhaps(0.4)
      ? [newItem({ id: `${id}-b`, label: text(2), link: { to: 'page', page: 'home' } })]
      : [];
    if (below.length > 0) items[0]!.children.push(below[0]!.id);
    if (below.length > 0 && third === 2) {
      below.push(newItem({ id: `${id}-c`, label: words[0]!, link: { to: 'page', page: 'home' } }));
      below[0]!.children.push(below[1]!.id);
    }
    return newMenu({
      id,
      name: id,
      top: items.map((item) => item.id),
      items: Object.fromEntries([...items, ...below].map((item) => [item.id, item])),
    });
  };
  const menus = [menu('main', whole(2, 7)), menu('signs', 3)];
  // What opens a drawer is as wide as a link, and what a band hides takes no room in it, in whatever piece.
  const opening: Link = { to: 'drawer', drawer: 'drawer' };
  if (third === 0)
    for (const { items, top } of menus) items[top.at(-1)!] = { ...items[top.at(-1)!]!, link: opening };
  for (const item of Object.values(menus[1]!.items))
    item.values = composeValues(
      {
        ...(perhaps(0.8) ? { icon: 'anchor' } : {}),
        ...also(0.5, () => ({ picture: one(pictures) })),
      },
      itemProperties,
    );
  if (third === 1)
    for (const item of Object.values(menus[1]!.items).slice(1))
      item.values = { ...item.values, shown: { desktop: 'shown', tablet: 'hidden' } };

  const place = (): Said => ({
    ...(perhaps(0.15) ? { gapBefore: whole(1, 30) } : {}),
    ...(perhaps(0.1) ? { gapAfter: whole(1, 30) } : {}),
    ...(perhaps(0.08) ? { ownRow: { desktop: false, tablet: true } } : {}),
    ...(perhaps(0.12) ? { shown: { desktop: 'shown', [one(['tablet', 'phone'])]: 'hidden' } } : {}),
    ...also(0.08, () => ({ pieceWidth: length(whole(60, 320)) })),
    ...also(0.08, () => ({ takesRest: { desktop: true, [one(['tablet', 'phone'])]: perhaps(0.5) } })),
    ...also(0.1, () => ({ alignSelf: one(['start', 'center', 'end', 'stretch', 'baseline']) })),
    ...also(0.08, () => ({ order: whole(-2, 2) })),
  });
  /** A divider has a length of its own. */
  const withoutWidth = (said: Said): Said =>
    Object.fromEntries(Object.entries(said).filter(([property]) => property !== 'pieceWidth'));
  const typed = (): Said => ({ ...(perhaps(0.3) ? { textSize: size() } : {}), ...place() });
  const menuPiece = (): SaidPiece => {
    const gap = whole(0, 32);
    return [
      'menu',
      {
        menu: 'main',
        opens: 'drawer',
        shownAs: one([
          { desktop: 'row', phone: 'button' },
          'row',
          'row',
          { desktop: 'row', tablet: 'scrolling' },
        ]),
        ...(perhaps(0.25) ? { [one(['behind', 'leftOut'])]: { desktop: 0, tablet: whole(1, 5) } } : {}),
        ...(perhaps(0.2) ? { signsAlone: true } : {}),
        itemGap: length(gap),
        itemPaddingInline: length(whole(0, 14)),
        ...(perhaps(0.4) ? { itemGapLeast: Math.floor(gap / 2) } : {}),
        ...(perhaps(0.3) ? { itemWeight: { rest: 400, hover: 700 } } : {}),
        ...(perhaps(0.2) ? { itemEdge: { rest: 'border-hairline' } } : {}),
        // A row that scrolls has no logo of its own here.
        ...(perhaps(0.15)
          ? {
              shownAs: { desktop: 'row', phone: 'button' },
              around: one([
                { desktop: 'around', phone: 'below' },
                { desktop: 'below', tablet: 'after' },
              ]),
            }
          : {}),
        ...also(0.35, () => ({
          shownAs: {
            desktop: one(['row', 'cells', 'column', 'columns']),
            [one(['tablet', 'phone'])]: one(['column', 'columns', 'cells', 'button', 'scrolling']),
          },
          around: null,
          descriptions: perhaps(0.5),
          itemPaddingBlock: length(whole(0, 14)),
        })),
        ...also(0.1, () => ({ turned: true })),
        ...also(0.2, () => ({ buttonLabel: text(2), balancedBy: 'width' })),
        ...typed(),
      },
    ];
  };
  const makers: (() => SaidPiece)[] = [
    menuPiece,
    () => [
      'button',
      {
        label: text(2),
        icon: perhaps(0.4) ? 'ticket' : null,
        paddingInline: length(whole(4, 30)),
        ...(perhaps(0.3) ? { iconSize: length(whole(10, 40)) } : {}),
        ...typed(),
      },
    ],
    () => [
      'search',
      {
        fieldWidth: whole(120, 320),
        fieldLeast: perhaps(0.7) ? whole(64, 120) : null,
        form: one(['field', 'icon']),
        ...place(),
      },
    ],
    () => [
      'basket',
      {
        count: whole(0, 120),
        labelSeen: perhaps(0.5),
        label: text(1),
        ...(perhaps(0.3) ? { countOver: true, inside: length(whole(0, 24)), iconSize: whole(12, 40) } : {}),
        ...typed(),
      },
    ],
    () => [
      'account',
      { signInLabel: text(1), joinLabel: perhaps(0.5) ? text(1) : '', accountGap: whole(4, 24), ...typed() },
    ],
    () => ['language', { said: one(['names', 'codes']), ...typed() }],
    () => ['social', { menu: 'signs', signSize: whole(16, 40), ...place() }],
    () => ['text', { text: [text(whole(2, 9))], ...typed() }],
    () => [
      'contact',
      {
        link: { to: 'telephone', telephone: '+44 1632 960117' },
        icon: perhaps(0.5) ? 'phone' : null,
        ...typed(),
      },
    ],
    () => [
      'logo',
      {
        text: text(2),
        ...also(0.5, () => ({
          artwork: one(pictures),
          shows: { desktop: one(['artwork', 'both', 'text']), phone: one(['artwork', 'both', 'text']) },
          artworkHeight: length(whole(16, 60)),
          ...(perhaps(0.3) ? { artworkWidth: whole(40, 200) } : {}),
        })),
        ...also(0.3, () => ({ tagline: text(whole(1, 3)) })),
        ...typed(),
      },
    ],
    () => [
      'divider',
      {
        ...also(0.3, () => ({ length: length(whole(10, 60)), stands: one(['upright', 'flat']) })),
        ...withoutWidth(place()),
      },
    ],
    ...(rich
      ? [
          (): SaidPiece => ['notice', { text: [text(whole(2, 9))], ...typed() }],
          (): SaidPiece => [
            'picture',
            { artwork: one(pictures), pictureHeight: length(whole(16, 60)), ...place() },
          ],
          (): SaidPiece => [
            'profile',
            {
              shows: one(['in', 'out']),
              inName: text(2),
              inLine: perhaps(0.6) ? text(3) : '',
              portraitSize: length(whole(32, 60)),
              mark: perhaps(0.5) ? 'settings' : null,
              ...typed(),
            },
          ],
          (): SaidPiece => [
            'links',
            {
              menu: 'main',
              grouped: one(['one', 'one', 'columns']),
              heading: perhaps(0.6) ? text(whole(1, 3)) : '',
              unfolds: { desktop: 'open', [one(['tablet', 'phone'])]: one(['one', 'several']) },
              columns: { desktop: whole(1, 4), phone: 1 },
              run: one(['column', 'column', 'row']),
              columnGap: length(whole(0, 40)),
              linkGap: length(whole(0, 12)),
              lines: perhaps(0.4) ? 'border-strong' : null,
              ...typed(),
            },
          ],
          (): SaidPiece => [
            'embed',
            {
              address: one(['https://maps.example.com/harbour', 'https://elsewhere.example.com/']),
              title: text(whole(1, 5)),
              loads: one(['asked', 'seen']),
              shape: one(['wide', 'photo', 'classic', 'square', 'upright']),
              frameWidth: length(whole(120, 400)),
              ...typed(),
            },
          ],
          (): SaidPiece => [
            'address',
            {
              name: perhaps(0.7) ? text(2) : '',
              line1: text(3),
              line2: perhaps(0.5) ? text(1) : '',
              telephone: '+44 1632 960117',
              mail: perhaps(0.5) ? 'post@example.com' : '',
              hours: perhaps(0.6) ? 'Mon-Fri 9:00-12:00, 14-17:30; Sat 10-14; Sun closed' : '',
              hoursHeading: perhaps(0.5) ? text(2) : '',
              blockGap: length(whole(0, 24)),
              ...typed(),
            },
          ],
          (): SaidPiece => [
            'newsletter',
            {
              label: text(2),
              go: text(1),
              consent: perhaps(0.5) ? [text(whole(2, 9))] : [],
              fieldWidth: length(whole(100, 300)),
              rowGap: length(whole(0, 24)),
              ...typed(),
            },
          ],
          (): SaidPiece => [
            'pictures',
            { menu: 'signs', pictureHeight: length(whole(16, 60)), pictureGap: whole(0, 40), ...typed() },
          ],
          (): SaidPiece => ['top', { words: text(2), ...typed() }],
        ]
      : []),
  ];
  const pieces = (count: number) => Array.from({ length: count }, () => one(makers)());
  const bar = (index: number): SaidBar => {
    const kind = one(['edges', 'middle', 'middle', 'shares', 'ends', 'stack']);
    const values: Said = {
      pieceGap: whole(0, 32),
      bayGap: length(whole(0, 48)),
      ...(perhaps(0.2) ? { gutter: length(whole(0, 40)) } : {}),
      contentWidth: one(['content', 'full']),
      ...also(0.3, () => ({ across: one(['start', 'end', 'stretch', 'baseline']) })),
      ...also(0.2, () => ({ lineBelow: one(['border-hairline', 'border-strong']) })),
      ...also(0.3, () => ({ leastHeight: whole(0, 120), padding: length(whole(0, 20)) })),
      ...also(0.1, () => ({ turnedRound: { desktop: false, tablet: true } })),
    };
    const name = `Bar ${index}`;
    if (rich && perhaps(0.12))
      return { name, values, bays: Array.from({ length: whole(4, 5) }, () => pieces(whole(0, 1))) };
    if (kind === 'edges')
      return { name, values, bays: { start: pieces(whole(1, 3)), end: pieces(whole(1, 3)) } };
    if (kind === 'middle')
      return {
        name,
        values,
        bays: { start: pieces(whole(0, 2)), middle: pieces(whole(1, 2)), end: pieces(whole(0, 2)) },
      };
    if (kind === 'ends') return { name, values, bays: { [one(['start', 'end'])]: pieces(whole(1, 4)) } };
    const bays = Array.from({ length: whole(2, 4) }, () => pieces(whole(1, 2)));
    const shares = bays.map(() => whole(1, 4)).slice(0, rich && perhaps(0.3) ? 2 : bays.length);
    const placed = rich && perhaps(0.3) ? whole(0, bays.length - 1) : null;
    const place = { desktop: null, [one(['tablet', 'phone'])]: '1' };
    return {
      name,
      values: { ...values, division: kind === 'stack' ? { by: 'stack' } : { by: 'shares', shares } },
      bays: bays.map((held, index) => (index === placed ? { pieces: held, values: { place } } : held)),
    };
  };

  const site = newSite('Tern Point', ids);
  const header = composeAssembly(
    {
      kind: 'headers',
      name,
      values: also(0.12, () => ({ stands: { desktop: one(['row', 'side', 'spread']), phone: 'top' } })),
      bars: Array.from({ length: whole(1, 2) }, (_, index) => bar(index + 1)),
    },
    () => ids(),
    site.bands,
  );
  if (third === 0)
    for (const piece of Object.values(header.pieces))
      if (['basket', 'button', 'contact'].includes(piece.kind))
        piece.values = { ...piece.values, link: { all: opening } };
  const drawer = composeAssembly(
    {
      kind: 'drawers',
      name: 'Drawer',
      bars: [{ name: 'Panel', bays: [[['menu', { menu: 'main', shownAs: 'column' }]]] }],
    },
    (what) => (what === 'assembly' ? 'drawer' : ids()),
    site.bands,
  );
  const style = (id: string) => ({
    ...site.brand.typeStyles[id]!,
    values: {
      ...site.brand.typeStyles[id]!.values,
      ...composeValues(
        {
          family: one(families),
          weight: one(['400', '500', '700']),
          size: size(),
          // Some fonts draw `l·l` as one sign in Catalan, which is then not set apart.
          letterSpacing: perhaps(0.25) && language !== 'ca' ? one([0.5, 1, 2]) : 0,
          case: perhaps(0.15) ? 'uppercase' : 'none',
        },
        typeStyleProperties,
      ),
    },
  });
  const styles = Object.keys(site.brand.typeStyles).map(style);
  /** Lines of parts of a px, as they may come from elsewhere. */
  const borders = () => {
    const { 'border-hairline': hairline } = site.brand.borders;
    return rich
      ? {
          ...site.brand.borders,
          'border-hairline': {
            ...hairline!,
            value: { ...hairline!.value, width: one([0.5, 1, 1.5, 2.75]) },
          },
        }
      : site.brand.borders;
  };
  return {
    ...site,
    embeds: ['maps.example.com'],
    languages: [language, language === 'en' ? 'de' : 'en'],
    artwork: artwork ?? {},
    brand: {
      ...site.brand,
      borders: borders(),
      typeStyles: Object.fromEntries(styles.map((each) => [each.id, each])),
      values: composeValues(
        {
          contentWidth: one<Length>([
            whole(700, 1500),
            { least: [whole(700, 1500), { px: 0, share: 0.88 }] },
          ]),
          gutter: length(whole(0, 48)),
        },
        brandProperties,
      ),
    },
    pageOrder: ['home'],
    pages: { home: newPage({ id: 'home', title: 'Home', path: '/', parent: null }) },
    menus: Object.fromEntries(menus.map((each) => [each.id, each])),
    headers: { [header.id]: header },
    drawers: { [drawer.id]: drawer },
    placing: { ...site.placing, header: header.id },
  };
}
