import { logoArtwork, type LogoVersion } from '../brand/logo-versions';
import type { Id } from '../ids/id';
import type { Values } from '../properties/property';
import type { Site } from '../site/site';

type Settled = Record<string, unknown>;

/** Whether some cell of a value points at something. */
const somewhere = (cells: Values[string] | undefined, shows: (id: Id) => boolean = () => true) =>
  Object.values(cells ?? {}).some((each) => each !== null && shows(each as Id));

/** A logo without artwork at a width, though it has some at others, shows its name there. */
function logo({ brand }: Site, { artwork }: Values, settled: Settled): Settled {
  if (settled.artwork !== null || !somewhere(artwork)) return settled;
  return logoArtwork(brand.logo, settled.version as LogoVersion) === null
    ? { ...settled, shows: 'text' }
    : settled;
}

/** A menu piece without items at a width, though it has some at others, is not there. */
function menu({ menus }: Site, { menu: said }: Values, settled: Settled): Settled {
  const shows = (id: Id) => (menus[id]?.top.length ?? 0) > 0;
  const empty = settled.menu === null || !shows(settled.menu as Id);
  return empty && somewhere(said, shows) ? { ...settled, shown: 'hidden' } : settled;
}

const kinds: Readonly<Record<string, typeof logo>> = { logo, menu };

/** The values of a piece as they are settled at a width, with what it does where it has nothing to show there, though it has at others. */
export const whereNothingShows = (site: Site, kind: string, said: Values, settled: Settled): Settled =>
  kinds[kind]?.(site, said, settled) ?? settled;
