import type { Site } from '../../site/site';
import { assemblyThings } from './assemblies';
import { brandThings } from './brand';
import { menuThings } from './menus';
import { pageThings } from './pages';
import { placingThings } from './placing';
import { siteThings } from './site';
import type { Thing } from './thing';

/** What there is of each area, in the order in which a site is made. */
const kinds = [pageThings, menuThings, assemblyThings, brandThings, placingThings, siteThings];

/** Everything of a site that is told of by itself, each before what stands in it. */
export const thingsOf = (site: Site): Thing[] => kinds.flatMap((things) => things(site));
