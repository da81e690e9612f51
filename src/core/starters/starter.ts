import { EVERYWHERE } from '../bands/follow';
import { NOWHERE, type Link } from '../properties/link';
import type { AssemblyKind } from '../properties/assembly-kind';
import { composeAssembly, type Said, type SaidBar, type SaidRule } from '../site/compose';
import type { Assembly } from '../site/assembly';
import { newItem, newMenu, type IdSource } from '../site/defaults';
import { shortens, shrinks } from './giving-way';
import type { Menu, MenuItem } from '../site/menu';
import type { Site } from '../site/site';

/** What of a site a starter is filled with: its first menus, where a button may lead, a drawer for the phone. */
export interface StarterSource {
  menu: string | null;
  secondMenu: string | null;
  /** A menu of addresses elsewhere, each with a sign or a picture: that of the site, else one that comes with the starter. */
  socialMenu(): string;
  drawer: string | null;
  /** A page to book, buy or sign up on: the last of the top, where there is one. */
  action: Link;
  siteName: string;
  /** How the site's logo gives way: as artwork or as letters. */
  shortens: SaidRule;
}

/** A ready-made header, drawer or footer: one file for all that are put together like it, and one line in the list. */
export interface Starter {
  id: string;
  name: string;
  /** What sets it apart, in a sentence. */
  about: string;
  values?: Said;
  bars(source: StarterSource): SaidBar[];
}

/** Whether all that a menu shows leads out of the site and has a sign or a picture, as social links do. */
function isSocial({ top, items }: Menu): boolean {
  const shown = top.map((id) => items[id]!);
  const signed = ({ values }: MenuItem) => values.icon !== undefined || values.picture !== undefined;
  return shown.length > 0 && shown.every((item) => item.link.to === 'address' && signed(item));
}

/** What social links begin with: neutral signs, with addresses to be put in. */
const socialLinks = [
  { label: 'Messages', icon: 'message-circle' },
  { label: 'Pictures', icon: 'camera' },
  { label: 'Community', icon: 'users' },
] as const;

function newSocialMenu(ids: IdSource): Menu {
  const items = socialLinks.map(({ label, icon }) =>
    newItem({
      id: ids(),
      label,
      link: { to: 'address', address: `https://example.com/${label.toLowerCase()}` },
      values: { icon: { [EVERYWHERE]: icon } },
    }),
  );
  return newMenu({
    id: ids(),
    name: 'Social links',
    top: items.map(({ id }) => id),
    items: Object.fromEntries(items.map((item) => [item.id, item])),
  });
}

/** What this site has to fill a starter with; what it lacks is made, and told to `made`. */
function starterSource(site: Site, ids: IdSource, made: (menu: Menu) => void): StarterSource {
  let social = Object.values(site.menus).find(isSocial);
  const socialMenu = () => {
    if (!social) made((social = newSocialMenu(ids)));
    return social.id;
  };
  const [menu = null, secondMenu = menu] = Object.keys(site.menus);
  const top = site.pageOrder.filter((id) => site.pages[id]!.parent === null && site.pages[id]!.path !== '/');
  const last = top.at(-1);
  return {
    menu,
    secondMenu,
    socialMenu,
    drawer: Object.keys(site.drawers)[0] ?? null,
    action: last === undefined ? NOWHERE : { to: 'page', page: last },
    siteName: site.name,
    shortens: site.brand.logo.full === null && site.brand.logo.compact === null ? shrinks : shortens,
  };
}

/** A starter as an assembly of this site, drawn with its brand and its menus, to be changed to the last value; with the menus that have to be added for it. */
export function startAssembly(
  site: Site,
  kind: AssemblyKind,
  starter: Starter,
  name: string,
  ids: IdSource,
): { assembly: Assembly; menus: Menu[] } {
  const menus: Menu[] = [];
  const said = {
    kind,
    name,
    bars: starter.bars(starterSource(site, ids, (menu) => menus.push(menu))),
    values: starter.values ?? {},
  };
  return { assembly: composeAssembly(said, () => ids(), site.bands), menus };
}

/** The same for a header. */
export function startHeader(
  site: Site,
  starter: Starter,
  name: string,
  ids: IdSource,
): { header: Assembly; menus: Menu[] } {
  const { assembly, menus } = startAssembly(site, 'headers', starter, name, ids);
  return { header: assembly, menus };
}
