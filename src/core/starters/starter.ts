import { NOWHERE, type Link } from '../properties/link';
import { composeAssembly, type Said, type SaidBar } from '../site/compose';
import type { Assembly } from '../site/assembly';
import type { IdSource } from '../site/defaults';
import type { Site } from '../site/site';

/** What of a site a starter is filled with: its first menus, where a button may lead, a drawer for the phone. */
export interface StarterSource {
  menu: string | null;
  secondMenu: string | null;
  drawer: string | null;
  /** A page to book, buy or sign up on: the last of the top, where there is one. */
  action: Link;
  siteName: string;
}

/** A ready-made header: one file for all that are put together like it, and one line in the list. */
export interface Starter {
  id: string;
  name: string;
  /** What sets it apart, in a sentence. */
  about: string;
  values?: Said;
  bars(source: StarterSource): SaidBar[];
}

/** What this site has to fill a starter with. */
export function starterSource(site: Site): StarterSource {
  const [menu = null, secondMenu = menu] = Object.keys(site.menus);
  const top = site.pageOrder.filter((id) => site.pages[id]!.parent === null && site.pages[id]!.path !== '/');
  const last = top.at(-1);
  return {
    menu,
    secondMenu,
    drawer: Object.keys(site.drawers)[0] ?? null,
    action: last === undefined ? NOWHERE : { to: 'page', page: last },
    siteName: site.name,
  };
}

/** A starter as a header of this site, drawn with its brand and its menus, to be changed to the last value. */
export function startHeader(site: Site, starter: Starter, name: string, ids: IdSource): Assembly {
  const said = {
    kind: 'headers' as const,
    name,
    bars: starter.bars(starterSource(site)),
    values: starter.values ?? {},
  };
  return composeAssembly(said, () => ids(), site.bands);
}
