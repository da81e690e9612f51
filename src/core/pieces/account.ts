import { box, type Box } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { signAndWords, signThenWords } from '../boxes/sign';
import { dressedBox } from './content';
import { el, type Element } from '../markup/html';
import { iconHtml } from '../icons/icons';
import { choiceKind } from '../properties/kinds/choice';
import { iconKind } from '../properties/kinds/icon';
import { lengthKind } from '../properties/kinds/length';
import { linkKind } from '../properties/kinds/link';
import { textKind } from '../properties/kinds/text';
import { NOWHERE } from '../properties/link';
import { dressedCss, dressProperties, markerProperties, statedPart } from '../properties/dress';
import { iconSize } from '../properties/icon-size';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, kindOfPiece, pieceClass, type PieceContext } from './piece';
import { foreseenWho, shows, whoCss } from './who';

const part = statedPart({ label: 'Account links', prefix: 'account', selector: '& .account-link' });

/** The four links, by what they do: who sees each, and what it says at first. */
const links = {
  signIn: { group: 'Signed out: sign in', label: 'Sign in', icon: 'log-in' },
  join: { group: 'Signed out: join', label: 'Join', icon: null },
  name: { group: 'Signed in: name', label: 'My account', icon: 'user' },
  signOut: { group: 'Signed in: sign out', label: 'Sign out', icon: 'log-out' },
} as const;
type AccountLink = keyof typeof links;

function linkProperties<const Name extends AccountLink>(name: Name) {
  const { group, label, icon } = links[name];
  return propertyList(
    property({
      name: `${name}Label` as const,
      label: 'Label',
      group,
      kind: textKind(40, 'left out'),
      by: 'language',
      initial: label as string,
    }),
    property({
      name: `${name}Link` as const,
      label: 'Leads to',
      group,
      kind: linkKind(),
      by: null,
      initial: NOWHERE,
    }),
    property({
      name: `${name}Icon` as const,
      label: 'Icon',
      group,
      kind: iconKind(),
      by: null,
      initial: icon,
    }),
  );
}

const properties = propertyList(
  linkProperties('signIn'),
  linkProperties('join'),
  linkProperties('name'),
  linkProperties('signOut'),
  property({
    name: 'first',
    label: 'First stands',
    group: 'Content',
    kind: choiceKind({ signIn: 'sign in, or the name', join: 'join, or sign out' }),
    by: null,
    initial: 'signIn',
  }),
  shows,
  property({
    name: 'accountGap',
    gives: { least: 4, step: 1 },
    label: 'Between links',
    group: 'Space',
    kind: lengthKind(0, 120),
    by: 'width',
    initial: 16,
  }),
  iconSize,
  dressProperties(part, { open: 'as the bar', marked: ['hover'] }),
  markerProperties('& .account-link'),
  typeProperties('type-nav'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = ({ shows: who, accountGap }: Values) => {
  const list = { alignItems: 'center', gap: accountGap } as const;
  return {
    '': {},
    '> .account-out': { display: who === 'out' ? 'flex' : 'none', ...list },
    '> .account-in': { display: who === 'in' ? 'flex' : 'none', ...list },
    '.account-link': { ...signAndWords, paddingBlock: { em: 0.25 } },
  } as const satisfies Layouts;
};

/** What is said of a link; nothing where it is left out. */
const said = (values: Values, name: AccountLink) => values[`${name}Label`].trim();

/** Whether the second of two links stands first. */
const turned = ({ first }: Values) => first === 'join';

/** Who sees which links. */
const lists = { out: ['signIn', 'join'], in: ['name', 'signOut'] } as const;

function linkHtml(name: AccountLink, values: Values, context: PieceContext): Element | null {
  const icon = values[`${name}Icon`];
  if (said(values, name) === '') return null;
  // The name of who is signed in is written by the site's own script.
  const mark = name === 'name' ? { 'data-account-name': '' } : {};
  const link = leading(
    context.target(values[`${name}Link`]),
    { class: 'account-link' },
    icon !== null && iconHtml(icon),
    el('span', mark, said(values, name)),
  );
  return el('li', {}, link);
}

/** The links of an account: other ones for who is signed in. `data-account="in"` on the root element says that somebody is. */
export const account = kindOfPiece<Values>({
  kind: 'account',
  label: 'Account links',
  properties,
  foreseen: foreseenWho,
  css: {
    '.account ul': { margin: '0', padding: '0', 'list-style': 'none' },
    '.account-link': { color: 'inherit', 'text-decoration': 'none', ...dressedCss },
  },
  layouts,
  openCss: whoCss('account', 'flex'),
  box(values, content) {
    const laid = layouts(values);
    const link = (name: AccountLink): Box[] => {
      if (said(values, name) === '') return [];
      const inside = signThenWords(values, values[`${name}Icon`], said(values, name));
      const dress = dressedBox(values, part.prefix, content);
      return [box('li', {}, [box('.account-link', laid['.account-link'], inside, dress)])];
    };
    const list = (who: 'out' | 'in') => {
      const shown = lists[who].flatMap(link);
      return shown.length === 0
        ? null
        : box(`> .account-${who}`, laid[`> .account-${who}`], turned(values) ? shown.reverse() : shown);
    };
    const both = [list('out'), list('in')];
    return both.some(Boolean) ? box('', laid[''], both) : null;
  },
  summary: () => 'shown',
  caption: () => '',
  html(piece, context) {
    const { values } = piece;
    const list = (who: 'out' | 'in') => {
      const each = turned(values) ? lists[who].toReversed() : lists[who];
      const items = each.map((link) => linkHtml(link, values, context));
      return items.some(Boolean) && el('ul', { class: `account-${who}` }, ...items);
    };
    const both = [list('out'), list('in')];
    if (!both.some(Boolean)) return null;
    return el(
      'nav',
      { class: pieceClass(piece, context), 'aria-label': context.landmark(context.words.account) },
      ...both,
    );
  },
});
