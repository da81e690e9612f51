'use client';

import { DownOutlined } from '@ant-design/icons';
import { App, Dropdown, Input } from 'antd';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { useEdit, useLatestSite, useSite } from '@/client/open-site-context';
import { newId } from '@/client/new-id';
import { assemblyNouns, type AssemblyKind } from '@/core/properties/assembly-kind';
import type { Assembly } from '@/core/site/assembly';
import type { Starter } from '@/core/starters/starter';
import { beginEdits } from './begin-assembly';
import { StarterGallery } from './starters/starter-gallery';
import styles from './workbench.module.css';

/** Makes a header, drawer or footer and goes to it; it may take the place of another. */
function useAddAssembly(kind: AssemblyKind, instead: Assembly | null): (starter?: Starter | null) => void {
  const latest = useLatestSite();
  const edit = useEdit();
  const router = useRouter();
  return (starter = null) => {
    const site = latest();
    const { edits, assembly } = beginEdits(site, kind, { starter, instead }, newId);
    edit(edits);
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
