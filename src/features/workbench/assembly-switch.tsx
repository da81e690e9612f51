'use client';

import { DownOutlined } from '@ant-design/icons';
import { App, Dropdown, Input } from 'antd';
import { useRouter } from 'next/navigation';
import { useEdit, useSite } from '@/client/open-site-context';
import { newId } from '@/client/new-id';
import { assemblyNouns, type AssemblyKind } from '@/core/properties/assembly';
import { newAssembly } from '@/core/site/defaults';
import type { Assembly } from '@/core/site/assembly';
import styles from './workbench.module.css';

/** A name that no assembly of this kind has yet: `Drawer 2`. */
function freeName(noun: string, taken: readonly string[]): string {
  const base = noun.charAt(0).toUpperCase() + noun.slice(1);
  let count = taken.length + 1;
  while (taken.includes(`${base} ${count}`)) count += 1;
  return `${base} ${count}`;
}

/** Makes a header, drawer or footer and goes to it. */
export function useAddAssembly(kind: AssemblyKind): () => void {
  const site = useSite();
  const edit = useEdit();
  const router = useRouter();
  return () => {
    const name = freeName(
      assemblyNouns[kind],
      Object.values(site[kind]).map((each) => each.name),
    );
    const assembly = newAssembly(kind, name, site.bands[0]!.id, newId);
    edit([{ edit: 'addAssembly', in: kind, assembly }]);
    router.push(`/sites/${site.id}/${kind}/${assembly.id}`);
  };
}

/** The name of what is on the workbench, with the others of its kind behind it, and what can be done with it as a whole. */
export function AssemblySwitch({ kind, assembly }: { kind: AssemblyKind; assembly: Assembly }) {
  const site = useSite();
  const edit = useEdit();
  const router = useRouter();
  const { modal, notification } = App.useApp();
  const add = useAddAssembly(kind);
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
    { key: 'add', label: `New ${noun}`, onClick: add },
    { key: 'rename', label: 'Rename…', onClick: rename },
    { key: 'remove', label: 'Remove', onClick: remove },
  ];
  return (
    <Dropdown trigger={['click']} menu={{ items, selectedKeys: [assembly.id] }}>
      <button type="button" className={`plain ${styles.switch}`} aria-haspopup="menu">
        {assembly.name} <DownOutlined aria-hidden="true" />
      </button>
    </Dropdown>
  );
}
