import { el, type Element } from '../markup/html';
import { iconHtml, type IconName } from '../icons/icons';
import { boxCss, type Length } from '../lengths/formula';
import { choiceKind } from '../properties/kinds/choice';
import { iconKind } from '../properties/kinds/icon';
import { lengthKind } from '../properties/kinds/length';
import { linkKind } from '../properties/kinds/link';
import { textKind } from '../properties/kinds/text';
import { NOWHERE, type Link } from '../properties/link';
import {
  dressedCss,
  dressProperties,
  markerProperties,
  signAndWordsCss,
  statedPart,
} from '../properties/dress';
import { iconLine, iconSize } from '../properties/icon-size';
import { placeProperties } from '../properties/place';
import { property, type Property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, pieceClass, type PieceContext, type PieceKind } from './piece';
import { row, signAndWords } from './room';

const part = statedPart({ label: 'Account links', prefix: 'account', selector: '& .account-link' });

/** The four links, by what they do: who sees each, and what it says at first. */
const links = {
  signIn: { group: 'Signed out: sign in', label: 'Sign in', icon: 'log-in' },
  join: { group: 'Signed out: join', label: 'Join', icon: null },
  name: { group: 'Signed in: name', label: 'My account', icon: 'user' },
  signOut: { group: 'Signed in: sign out', label: 'Sign out', icon: 'log-out' },
} as const;
type AccountLink = keyof typeof links;

function linkProperties(name: AccountLink): Property[] {
  const { group, label, icon } = links[name];
  return [
    property({
      name: `${name}Label`,
      label: 'Label',
      group,
      kind: textKind(40, 'left out'),
      by: null,
      initial: label as string,
    }),
    property<Link>({
      name: `${name}Link`,
      label: 'Leads to',
      group,
      kind: linkKind(),
      by: null,
      initial: NOWHERE,
    }),
    property<IconName | null>({
      name: `${name}Icon`,
      label: 'Icon',
      group,
      kind: iconKind(),
      by: null,
      initial: icon,
    }),
  ];
}

function linkHtml(name: AccountLink, values: Record<string, unknown>, context: PieceContext): Element | null {
  const label = (values[`${name}Label`] as string).trim();
  const icon = values[`${name}Icon`] as IconName | null;
  if (label === '') return null;
  // The name of who is signed in is written by the site's own script.
  const mark = name === 'name' ? { 'data-account-name': '' } : {};
  const words = el('span', mark, label);
  const link = leading(
    context.target(values[`${name}Link`] as Link),
    { class: 'account-link' },
    icon !== null && iconHtml(icon),
    words,
  );
  return el('li', {}, link);
}

/** The links of an account: other ones for who is signed in. `data-account="in"` on the root element says that somebody is. */
export const account: PieceKind = {
  kind: 'account',
  label: 'Account links',
  properties: [
    ...(Object.keys(links) as AccountLink[]).flatMap(linkProperties),
    property<'signIn' | 'join'>({
      name: 'first',
      label: 'First stands',
      group: 'Content',
      kind: choiceKind({ signIn: 'sign in, or the name', join: 'join, or sign out' }),
      by: null,
      initial: 'signIn',
    }),
    property<'out' | 'in'>({
      name: 'shows',
      label: 'Until the site says it',
      group: 'Content',
      kind: choiceKind({ out: 'signed out', in: 'signed in' }),
      by: null,
      initial: 'out',
      css: (value) => ({
        '& > .account-out': { display: value === 'out' ? 'flex' : 'none' },
        '& > .account-in': { display: value === 'in' ? 'flex' : 'none' },
      }),
    }),
    property({
      name: 'accountGap',
      label: 'Between links',
      group: 'Space',
      kind: lengthKind(0, 120),
      by: 'width',
      initial: 16,
      css: (value) => ({ '& > ul': { gap: boxCss(value) } }),
    }),
    iconSize,
    ...dressProperties(part, { open: 'as the bar', marked: ['hover'] }),
    ...markerProperties('& .account-link'),
    ...typeProperties('type-nav'),
    ...placeProperties,
  ],
  css: {
    '.account ul': { margin: '0', padding: '0', 'align-items': 'center', 'list-style': 'none' },
    '.account-link': {
      ...signAndWordsCss,
      'padding-block': '0.25em',
      color: 'inherit',
      'text-decoration': 'none',
      'white-space': 'nowrap',
      ...dressedCss,
    },
  },
  openCss: {
    ':root[data-account="in"] .account-out, :root[data-account="out"] .account-in': { display: 'none' },
    ':root[data-account="in"] .account-in, :root[data-account="out"] .account-out': { display: 'flex' },
  },
  room(values, context) {
    const seen = (values.shows === 'in' ? ['name', 'signOut'] : ['signIn', 'join']) as AccountLink[];
    const said = (name: AccountLink) => (values[`${name}Label`] as string).trim();
    const dress = { values, prefix: part.prefix };
    const widths = seen
      .filter((name) => said(name) !== '')
      .map((name) => signAndWords(context, dress, { icon: values[`${name}Icon`], words: [said(name)] }));
    const none = (Object.keys(links) as AccountLink[]).every((name) => said(name) === '');
    return none ? null : { preferred: row(context, widths, context.length(values.accountGap as Length)) };
  },
  height: (values, { line, size, at }) => iconLine(values, { line, at }) + 0.5 * size,
  summary: () => 'shown',
  caption: () => '',
  html(piece, context) {
    const { values } = piece;
    const turned = values.first === 'join';
    const list = (name: string, ...each: AccountLink[]) => {
      const items = (turned ? [...each].reverse() : each).map((link) => linkHtml(link, values, context));
      return items.some(Boolean) && el('ul', { class: name }, ...items);
    };
    const lists = [list('account-out', 'signIn', 'join'), list('account-in', 'name', 'signOut')];
    if (!lists.some(Boolean)) return null;
    return el(
      'nav',
      { class: pieceClass(piece, context), 'aria-label': context.landmark('Account') },
      ...lists,
    );
  },
};
