'use client';

import { Select } from 'antd';
import { useSite } from '@/client/open-site-context';
import type { Id } from '@/core/ids/id';
import type { Slot } from '@/core/site/placing-schema';

/** The values of the select for nothing at all, and for nothing said. */
const NOTHING = ' none';
const UNSAID = ' unsaid';

interface StandSelectProps {
  slot: Slot;
  label: string;
  /** The header or footer that is chosen: null for none, undefined where nothing is said. */
  value: Id | null | undefined;
  /** What is said where nothing is; left out where something has to be. */
  unsaid?: string;
  choose(id: Id | null | undefined): void;
}

/** Which header or footer stands somewhere. */
export function StandSelect({ slot, label, value, unsaid, choose }: StandSelectProps) {
  const site = useSite();
  const options = [
    ...(unsaid === undefined ? [] : [{ value: UNSAID, label: <i className="quiet">{unsaid}</i> }]),
    ...Object.values(site[`${slot}s`]).map(({ id, name, pieces }) => ({
      value: id,
      label: Object.keys(pieces).length === 0 ? `${name} (empty)` : name,
    })),
    { value: NOTHING, label: `no ${slot}` },
  ];
  return (
    <Select
      size="small"
      variant="borderless"
      aria-label={label}
      popupMatchSelectWidth={false}
      style={{ inlineSize: '100%' }}
      options={options}
      value={value === undefined ? UNSAID : (value ?? NOTHING)}
      onChange={(chosen: string) =>
        choose(chosen === UNSAID ? undefined : chosen === NOTHING ? null : chosen)
      }
    />
  );
}
