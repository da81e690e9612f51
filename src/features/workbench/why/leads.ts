import * as v from 'valibot';
import type { AssemblyPlace, Place } from '@/core/edit/place';
import type { ReferenceTarget } from '@/core/properties/reference';
import { cellParts } from '@/core/properties/phases';
import { states } from '@/core/properties/states';
import { EVERYWHERE } from '@/core/bands/follow';
import type { Site } from '@/core/site/site';
import { leadSchema, placeOf, type Lead } from '@/core/why/reason';
import type { SheetAxis } from '../../sheet/sheet-model';
import type { Selection } from '../selection';
import type { Sought } from '../sheet/sheet-panel';

/** A place of a workbench as it is selected there; null for one that is elsewhere. */
export function selectionOf(home: AssemblyPlace, place: Place): Selection | null {
  if (!('assembly' in place) || place.in !== home.in || place.assembly !== home.assembly) return null;
  if (place.on === 'bar') return { on: 'bar', id: place.bar };
  if (place.on === 'bay') return { on: 'bay', bar: place.bar, id: place.bay };
  return place.on === 'piece' ? { on: 'piece', id: place.piece } : { on: 'assembly' };
}

/** The columns of the sheet among which a cell stands. */
function axisOf({ languages }: Site, cell: string): SheetAxis {
  if ((states as readonly string[]).includes(cell)) return 'state';
  if (languages.slice(1).includes(cell)) return 'language';
  return cell !== EVERYWHERE && cellParts(cell).phase !== 'top' ? 'scroll' : 'width';
}

/** Where the parts of a site are changed, below the site’s own address. */
const screens: Readonly<Record<ReferenceTarget, (id: string) => string>> = {
  pages: () => 'pages',
  files: () => 'pages',
  menus: (id) => `menus?menu=${id}`,
  drawers: (id) => `drawers/${id}`,
  artwork: () => 'brand#artwork',
  fonts: () => 'brand#fonts',
  typeStyles: (id) => `brand?style=${id}#type`,
  colours: (id) => `brand#part-${id}`,
  radii: (id) => `brand#part-${id}`,
  shadows: (id) => `brand#part-${id}`,
  borders: (id) => `brand#part-${id}`,
  durations: (id) => `brand#part-${id}`,
  easings: (id) => `brand#part-${id}`,
};

function screenOf(place: Place): string {
  if (place.on === 'words') return 'texts';
  if (place.on === 'brand') return 'brand#space';
  if (place.on === 'typeStyle') return screens.typeStyles(place.style);
  if (place.on === 'menu') return screens.menus(place.menu);
  if (place.on === 'item') return `${screens.menus(place.menu)}&item=${place.item}`;
  return `${place.in}/${place.assembly}`;
}

/** The address of the screen on which what a reason leads to is changed. */
export function hrefOf(site: Site, lead: Lead): string {
  const place = placeOf(lead);
  const on =
    lead.to === 'placing' ? 'placing' : lead.to === 'part' ? screens[lead.of](lead.id) : screenOf(place!);
  const more = place && 'assembly' in place ? `?${new URLSearchParams({ lead: JSON.stringify(lead) })}` : '';
  return `/sites/${site.id}/${on}${more}`;
}

/** What a sheet is to show that was led to. */
export function soughtOf(site: Site, lead: Lead): Sought | null {
  const place = placeOf(lead);
  if (place === null || lead.to === 'place') return null;
  return lead.to === 'cell'
    ? { axis: axisOf(site, lead.cell), place, cell: lead }
    : { axis: 'fit', place, cell: null };
}

/** What was led to by the address of a workbench, as `hrefOf` writes it; null for anything else. */
export function readLead(text: string | null): Lead | null {
  const parsed = v.safeParse(v.pipe(v.string(), v.parseJson(), leadSchema), text);
  return parsed.success ? parsed.output : null;
}
