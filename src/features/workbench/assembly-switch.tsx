'use client';

import { DownOutlined } from '@ant-design/icons';
import { App, Dropdown, Input } from 'antd';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import { newId } from '@/client/new-id';
import { EVERYWHERE } from '@/core/bands/follow';
import { assemblyKinds, assemblyNouns, type AssemblyKind } from '@/core/properties/assembly-kind';
import type { Edit } from '@/core/edit';
import { newAssembly } from '@/core/site/defaults';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import { startAssembly, type Starter } from '@/core/starters/starter';
import { inPlaceOf } from '../placing/in-place-of';
import { drawerForButton } from './menu-drawer';
import { StarterGallery } from './starters/starter-gallery';
import styles from './workbench.module.css';

/** A name that no assembly of this kind has yet: `Drawer 2`; where it need not be counted, without a number if that is free. */
function freeName(noun: string, taken: readonly string[], counted: boolean): string {
  const base = noun.charAt(0).toUpperCase() + noun.slice(1);
  if (!counted && !taken.includes(base)) return base;
  let count = counted ? taken.length + 1 : 2;
  while (taken.includes(`${base} ${count}`)) count += 1;
  return `${base} ${count}`;
}

/** The edits that let a new header or footer take the place of an empty one, wherever that stands. */
const inPlaceOfEmpty =
  (kind: 'headers' | 'footers') =>
  (site: Site, empty: Assembly, added: Assembly): Edit[] => [
    ...inPlaceOf(site, empty.id, added.id),
    { edit: 'removeAssembly', at: { in: kind, assembly: empty.id } },
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

/** Makes a header, drawer or footer and goes to it: an empty one, or one from a starter with the drawers and menus that it needs; it may take the place of another. */
function useAddAssembly(kind: AssemblyKind, instead: Assembly | null): (starter?: Starter | null) => void {
  const site = useSite();
  const edit = useEdit();
  const router = useRouter();
  return (starter = null) => {
    const taken = Object.values(site[kind]).map((each) => each.name);
    const name = freeName(starter?.name ?? assemblyNouns[kind], taken, starter === null);
    const { assembly, menus } = starter
      ? startAssembly(site, kind, starter, name, newId)
      : { assembly: newAssembly(kind, name, site.bands[0]!.id, newId), menus: [] };
    const at = { in: kind, assembly: assembly.id };
    const buttons = Object.values(assembly.pieces).filter(({ values }) =>
      Object.values(values.shownAs ?? {}).includes('button'),
    );
    const drawers = buttons.slice(0, 1).flatMap((piece) => drawerForButton(site, at, piece, newId));
    const inPlace = kind === 'drawers' ? inPlaceOfDrawer : inPlaceOfEmpty(kind);
    edit([
      ...menus.map((menu): Edit => ({ edit: 'addMenu', menu })),
      { edit: 'addAssembly', in: kind, assembly },
      ...drawers,
      ...(instead && starter ? inPlace(site, instead, assembly) : []),
    ]);
    router.push(`/sites/${site.id}/${kind}/${assembly.id}`);
  };
}

/** Asks for the next header, drawer or footer, which begins with a starter. A starter may take the place of an empty header or footer, or of a drawer. */
export function useBeginAssembly(
  kind: AssemblyKind,
  instead: Assembly | null = null,
): { begin(): void; gallery: ReactNode } {
  const add = useAddAssembly(kind, instead);
  const [choosing, setChoosing] = useState(false);
  const pick = (starter: Starter | null) => {
    setChoosing(false);
    add(starter);
  };
  return {
    begin: () => setChoosing(true),
    gallery: choosing && <StarterGallery kind={kind} onPick={pick} onClose={() => setChoosing(false)} />,
  };
}

/** The name of what is on the workbench, with the others of its kind behind it, and what can be done with it as a whole. */
export function AssemblySwitch({ kind, assembly }: { kind: AssemblyKind; assembly: Assembly }) {
  const site = useSite();
  const edit = useEdit();
  const router = useRouter();
  const { modal, notification } = App.useApp();
  const { begin, gallery } = useBeginAssembly(kind);
  const other = useBeginAssembly(kind, assembly);
  const noun = assemblyNouns[kind];
  const at = { in: kind, assembly: assembly.id };

  const rename = () => {
    let name = assembly.name;
    modal.confirm({
      title: `Rename this ${noun}`,
      icon: null,
      content: (
        <Input
          autoFocus
          defaultValue={name}
          maxLength={60}
          aria-label="Name"
          onChange={(event) => (name = event.target.value)}
        />
      ),
      okText: 'Rename',
      onOk: () =>
        name.trim() === ''
          ? Promise.reject(new Error('A name is needed'))
          : void edit([{ edit: 'renameAssembly', at, name }]),
    });
  };
  const remove = () => {
    const reason = edit([{ edit: 'removeAssembly', at }]);
    if (reason)
      notification.warning({
        title: `“${assembly.name}” cannot be removed yet`,
        description: reason,
        placement: 'bottomLeft',
      });
    else router.push(`/sites/${site.id}/${kind}`);
  };

  const others = Object.values(site[kind]).map(({ id, name }) => ({
    key: id,
    label: name,
    onClick: () => router.push(`/sites/${site.id}/${kind}/${id}`),
  }));
  const items = [
    ...others,
    { type: 'divider' as const },
    { key: 'add', label: `New ${noun}…`, onClick: begin },
    ...(kind === 'drawers'
      ? [{ key: 'other', label: 'Open a ready-made one in its place…', onClick: other.begin }]
      : []),
    { key: 'rename', label: 'Rename…', onClick: rename },
    { key: 'remove', label: 'Remove', onClick: remove },
  ];
  return (
    <>
      <Dropdown trigger={['click']} menu={{ items, selectedKeys: [assembly.id] }}>
        <button type="button" className={`plain ${styles.switch}`} aria-haspopup="menu">
          {assembly.name} <DownOutlined aria-hidden="true" />
        </button>
      </Dropdown>
      {gallery}
      {other.gallery}
    </>
  );
}
