'use client';

import { Button, Modal, Select, type RefSelectProps } from 'antd';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { useOpenSite, useSite } from '@/client/open-site-context';
import { useFirstFocus } from '@/ui/use-first-focus';
import { sections } from '../sections';
import { useOfferedActions, type Action } from './actions-context';

/** What can be done on every screen. */
function useGeneralActions(): Action[] {
  const router = useRouter();
  const site = useSite();
  const step = useOpenSite((open) => open.step);
  return useMemo(
    () => [
      ...sections.map(({ path, label }) => ({
        group: 'Go to',
        label,
        run: () => router.push(`/sites/${site.id}/${path}`),
      })),
      { group: 'Go to', label: 'All sites', run: () => router.push('/') },
      { group: 'History', label: 'Undo', run: () => void step('undo') },
      { group: 'History', label: 'Redo', run: () => void step('redo') },
    ],
    [router, site.id, step],
  );
}

/** Actions under their headings, as entries of a list. */
function entriesOf(actions: readonly Action[]) {
  const groups = [...new Set(actions.map((action) => action.group))];
  return groups.map((group) => ({
    label: group,
    title: group,
    options: actions.flatMap((action, index) =>
      action.group === group
        ? [{ value: index, label: action.label, search: `${group} ${action.label}` }]
        : [],
    ),
  }));
}

function OpenList({ onClose }: { onClose(): void }) {
  const offered = useOfferedActions();
  const general = useGeneralActions();
  const { field, afterOpenChange } = useFirstFocus<RefSelectProps>();
  const [actions] = useState(() => [...offered(), ...general]);
  return (
    <Modal
      open
      closable={false}
      title="What to do"
      footer={null}
      onCancel={onClose}
      width={520}
      afterOpenChange={afterOpenChange}
    >
      <Select
        ref={field}
        open
        style={{ inlineSize: '100%', marginBlockEnd: 300 }}
        listHeight={280}
        aria-label="Action"
        placeholder="Type a few letters of it"
        options={entriesOf(actions)}
        showSearch={{ optionFilterProp: 'search' }}
        getPopupContainer={(trigger) => trigger.parentElement!}
        onInputKeyDown={(event) => event.key === 'Escape' && onClose()}
        onSelect={(index: number) => {
          onClose();
          actions[index]!.run();
        }}
      />
    </Modal>
  );
}

/** All that can be done here, found by its name: opened by a button or by Alt and A. */
export function ActionList() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!event.altKey || event.ctrlKey || event.metaKey || event.code !== 'KeyA') return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  return (
    <>
      <Button type="text" title="Find an action by its name (Alt + A)" onClick={() => setOpen(true)}>
        Actions
      </Button>
      {open && <OpenList onClose={() => setOpen(false)} />}
    </>
  );
}
