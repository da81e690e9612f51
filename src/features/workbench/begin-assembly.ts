import { EVERYWHERE } from '@/core/bands/follow';
import type { Edit } from '@/core/edit';
import { assemblyKinds, assemblyNouns, type AssemblyKind } from '@/core/properties/assembly-kind';
import type { Assembly } from '@/core/site/assembly';
import { newAssembly, type IdSource } from '@/core/site/defaults';
import type { Site } from '@/core/site/site';
import { startAssembly, type Starter } from '@/core/starters/starter';
import { inPlaceOf } from '../placing/in-place-of';
import { drawerForButton } from './menu-drawer';

/** A name that no assembly of this kind has yet: `Drawer 2`; where it need not be counted, without a number if that is free. */
function freeName(noun: string, taken: readonly string[], counted: boolean): string {
  const base = noun.charAt(0).toUpperCase() + noun.slice(1);
  if (!counted && !taken.includes(base)) return base;
  let count = counted ? taken.length + 1 : 2;
  while (taken.includes(`${base} ${count}`)) count += 1;
  return `${base} ${count}`;
}

/** The edits that let a new header or footer take the place of another one, wherever that stands. */
const inPlaceOfOther =
  (kind: 'headers' | 'footers') =>
  (site: Site, old: Assembly, added: Assembly): Edit[] => [
    ...inPlaceOf(site, old.id, added.id),
    { edit: 'removeAssembly', at: { in: kind, assembly: old.id } },
  ];

/** The edits that let what opens a drawer open a new one; the old one stays, for those who want it back. */
function inPlaceOfDrawer(site: Site, old: Assembly, drawer: Assembly): Edit[] {
  return assemblyKinds.flatMap((kind) =>
    Object.values(site[kind]).flatMap(({ id, pieces }) =>
      Object.values(pieces)
        .filter(({ values }) => values.opens?.[EVERYWHERE] === old.id)
        .map((piece): Edit => ({
          edit: 'setValue',
          place: { on: 'piece', in: kind, assembly: id, piece: piece.id },
          property: 'opens',
          cell: EVERYWHERE,
          value: drawer.id,
        })),
    ),
  );
}

/** The menus of an assembly that are a menu button somewhere, in a band or by a rule. */
function menuButtons({ pieces, bars }: Assembly) {
  const turned = Object.values(bars)
    .flatMap(({ rules = [] }) => rules)
    .flatMap(({ turns }) => turns)
    .filter(({ property, value }) => property === 'shownAs' && value === 'button')
    .map(({ piece }) => piece);
  return Object.values(pieces).filter(
    ({ id, values }) => Object.values(values.shownAs ?? {}).includes('button') || turned.includes(id),
  );
}

/**
 * The edits that make a header, drawer or footer: an empty one, or one from a starter with the drawer and the menus that it needs; it
 * may take the place of another.
 */
export function beginEdits(
  site: Site,
  kind: AssemblyKind,
  { starter, instead }: { starter: Starter | null; instead: Assembly | null },
  ids: IdSource,
): { edits: Edit[]; assembly: Assembly } {
  const taken = Object.values(site[kind]).map((each) => each.name);
  const name = freeName(starter?.name ?? assemblyNouns[kind], taken, starter === null);
  const { assembly, menus } = starter
    ? startAssembly(site, kind, starter, name, ids)
    : { assembly: newAssembly(kind, name, site.bands[0]!.id, ids), menus: [] };
  const at = { in: kind, assembly: assembly.id };
  const drawers = menuButtons(assembly)
    .slice(0, 1)
    .flatMap((piece) => drawerForButton(site, at, piece, ids));
  const inPlace = kind === 'drawers' ? inPlaceOfDrawer : inPlaceOfOther(kind);
  return {
    assembly,
    edits: [
      ...menus.map((menu): Edit => ({ edit: 'addMenu', menu })),
      { edit: 'addAssembly', in: kind, assembly },
      ...drawers,
      ...(instead && starter ? inPlace(site, instead, assembly) : []),
    ],
  };
}
