import { box, type Box } from '../boxes/box';
import { cascaded, type Layouts } from '../boxes/layout';
import { sign, signAndWords, signThenWords } from '../boxes/sign';
import { dressedBox, type PieceContent } from './content';
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
import {
  chooserBox,
  chooserCss,
  chooserFormCss,
  chooserForms,
  chooserHanging,
  chooserHangs,
  chooserHtml,
  chooserLayouts,
  chooserOpenCss,
  chooserUnscriptedCss,
  someChooserCss,
  TOGGLE,
} from './drop-down/chooser';
import { hangingAlign, hangingLookProperties, itemEdges } from './drop-down/look';
import { leading, kindOfPiece, pieceClass, type PieceContext } from './piece';
import { foreseenWho, shows, whoCss } from './who';
import { bareList } from './bare-list';

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
    name: 'form',
    label: 'Signed in, it is',
    group: 'Content',
    kind: choiceKind({ row: chooserForms.row, drop: chooserForms.drop }),
    by: 'width',
    initial: 'row',
  }),
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
  hangingAlign(itemEdges),
  hangingLookProperties,
  typeProperties('type-nav'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = ({ shows: who, form, accountGap }: Values) =>
  ({
    '': {},
    '> .account-out': {
      display: who === 'out' ? 'flex' : 'none',
      alignItems: 'center',
      gap: accountGap,
    },
    '> .account-in': { display: who === 'in' ? 'block' : 'none' },
    '.account-link': { ...signAndWords, paddingBlock: { em: 0.25 } },
    '.chooser-list .account-link': { paddingBlock: { em: form === 'drop' ? 0.5 : 0.25 } },
    ...chooserLayouts(form, accountGap),
  }) as const satisfies Layouts;

/** What is said of a link; nothing where it is left out. */
const said = (values: Values, name: AccountLink) => values[`${name}Label`].trim();

/** Whether the second of two links stands first. */
const turned = ({ first }: Values) => first === 'join';

/** Who sees which links. */
const lists = { out: ['signIn', 'join'], in: ['name', 'signOut'] } as const;

/** Where the site’s own script writes the name of who is signed in. */
const NAMED = { 'data-account-name': '' };

function linkHtml(name: AccountLink, values: Values, context: PieceContext): Element | null {
  const icon = values[`${name}Icon`];
  if (said(values, name) === '') return null;
  const mark = name === 'name' ? NAMED : {};
  const link = leading(
    context.target(values[`${name}Link`]),
    { class: 'account-link' },
    icon !== null && iconHtml(icon),
    el('span', mark, said(values, name)),
  );
  return el('li', {}, link);
}

/** The boxes of the links of a list that say something; `within` the list of a chooser, or beside each other. */
function linkBoxes(values: Values, who: 'out' | 'in', content: PieceContent): Box[] {
  const laid = layouts(values);
  const layout = who === 'in' ? laid['.chooser-list .account-link'] : {};
  const shown = lists[who]
    .filter((name) => said(values, name) !== '')
    .map((name) => {
      const inside = signThenWords(values, values[`${name}Icon`], said(values, name));
      const dress = dressedBox(values, part.prefix, content);
      return box('li', {}, [box('.account-link', cascaded(laid['.account-link'], layout), inside, dress)]);
    });
  return turned(values) ? shown.reverse() : shown;
}

/** Who is signed in: a row, or a button that says who it is and opens the links. */
function inBox(values: Values, content: PieceContent): Box | null {
  const laid = layouts(values);
  const links = linkBoxes(values, 'in', content);
  const { nameIcon } = values;
  const toggle = {
    said: said(values, 'name') || content.words.account,
    sign: nameIcon === null ? null : sign(values),
    dress: dressedBox(values, part.prefix, content),
  };
  const chooser = () => chooserBox(laid, values.form, toggle, links);
  return links.length === 0 ? null : box('> .account-in', laid['> .account-in'], [chooser()]);
}

/** The links of an account: other ones for who is signed in. `data-account="in"` on the root element says that somebody is. */
export const account = kindOfPiece<Values>({
  kind: 'account',
  label: 'Account links',
  about: 'Who is signed in: a link to sign in, or the account and a way out.',
  properties,
  foreseen: foreseenWho,
  css: {
    ...chooserCss,
    '.account-out': bareList,
    '.account-link': { color: 'inherit', 'text-decoration': 'none', ...dressedCss },
  },
  layouts,
  jointCss: (values) => chooserFormCss(values.form, values),
  someCss: someChooserCss,
  openCss: { ...whoCss('account', { out: 'flex', in: 'block' }), ...chooserOpenCss },
  openWithoutScriptsCss: chooserUnscriptedCss,
  targets: ['.account-link', TOGGLE],
  box(values, content) {
    const out = linkBoxes(values, 'out', content);
    const laid = layouts(values)['> .account-out'];
    const both = [inBox(values, content), out.length === 0 ? null : box('> .account-out', laid, out)];
    return both.some(Boolean) ? box('', {}, both) : null;
  },
  hanging: {
    ...chooserHangs,
    boxes(values, content) {
      const links = values.form === 'drop' ? linkBoxes(values, 'in', content) : [];
      const edge = content.border(values.panelLine);
      return links.length === 0 ? [] : [chooserHanging(layouts(values), links, edge)];
    },
  },
  form: 'form',
  summary: ({ form }) => (form === 'drop' ? 'dropping down' : 'shown'),
  caption: () => '',
  html(piece, context, versions) {
    const { values } = piece;
    const items = (who: 'out' | 'in') => {
      const each = turned(values) ? lists[who].toReversed() : lists[who];
      return each.map((link) => linkHtml(link, values, context)).filter((item) => item !== null);
    };
    const [out, signedIn] = [items('out'), items('in')];
    if (out.length + signedIn.length === 0) return null;
    const name = said(values, 'name') || context.words.account;
    const toggle = {
      class: 'account-link',
      said: [values.nameIcon !== null && iconHtml(values.nameIcon), el('span', NAMED, name)],
      label: null,
    };
    const drops = versions.some((each) => each.values.form === 'drop');
    const chooser = () => chooserHtml({ id: `${context.idOf(piece.id)}-list`, drops }, toggle, signedIn);
    return el(
      'nav',
      { class: pieceClass(piece, context), 'aria-label': context.landmark(context.words.account) },
      out.length > 0 && el('ul', { class: 'account-out' }, ...out),
      signedIn.length > 0 && el('div', { class: 'account-in' }, chooser()),
    );
  },
});
