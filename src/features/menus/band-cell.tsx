'use client';

import {
  ArrowDownOutlined,
  ArrowUpOutlined,
  CloseOutlined,
  EyeInvisibleOutlined,
  EyeOutlined,
} from '@ant-design/icons';
import type { KeyboardEvent } from 'react';
import { useEdit } from '@/client/open-site-context';
import { bandChain, type Band } from '@/core/bands/band';
import type { Id } from '@/core/ids/id';
import type { Menu } from '@/core/site/menu';
import type { TreeRow } from '@/ui/tree/tree-rows';
import { holderPlace, stepInBand, type BandView } from './band-view';
import styles from './menus.module.css';

interface BandCellProps {
  menu: Menu;
  row: TreeRow;
  /** The items that are shown, hidden or let follow together: this one, or all that are chosen. */
  together: readonly Id[];
  /** What the item is called. */
  name: string;
  band: Band;
  bands: readonly Band[];
  view: BandView;
}

/** Whether an item shows in a band, and its place there: set here in bold, following in grey italics. */
export function BandCell({ menu, row, together, name, band, bands, view }: BandCellProps) {
  const edit = useEdit();
  const chain = bandChain(bands);
  const widest = band.id === chain[0];
  const places = together.map((item) => ({ on: 'item' as const, menu: menu.id, item }));
  const value = view.shown ? 'hidden' : 'shown';
  const toggle = () =>
    edit(places.map((place) => ({ edit: 'setValue', place, property: 'shown', cell: band.id, value })));
  const clearShown = () =>
    edit(places.map((place) => ({ edit: 'clearValue', place, property: 'shown', cell: band.id })));
  const clearOrder = () =>
    edit([{ edit: 'clearValue', place: holderPlace(menu, row.parent), property: 'order', cell: band.id }]);
  const step = (by: -1 | 1) => {
    const move = stepInBand(menu, row, chain, band.id, by);
    if (move) edit([move]);
  };
  const press = (event: KeyboardEvent) => {
    const by = { ArrowUp: -1, ArrowDown: 1 }[event.key] as -1 | 1 | undefined;
    if (event.altKey && by) step(by);
    else if (event.key === 'Delete' || event.key === 'Backspace') {
      // One at a time: the order is that of its neighbours too.
      if (view.shownHere) clearShown();
      else if (view.orderedHere) clearOrder();
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const nameOfBand = (id: string) => bands.find((each) => each.id === id)!.name;
  const state = view.hiddenAbove ? 'hidden with what it stands below' : view.shown ? 'shown' : 'hidden';
  const own = view.shownHere || widest;
  const follows = own ? null : nameOfBand(view.shownFrom);
  const orderFollows = view.orderedHere || widest ? null : nameOfBand(view.orderedFrom);
  // Where nothing was set, all bands are alike: only what differs is named.
  const named = [
    ...(view.shownFrom === chain[0] || own ? [] : [view.shownFrom]),
    ...(view.orderedFrom === chain[0] || view.orderedHere ? [] : [view.orderedFrom]),
  ][0];
  const taken = view.shownHere ? { what: 'choice', back: clearShown } : { what: 'order', back: clearOrder };
  return (
    <span className={styles.bandCell} onKeyDown={press}>
      <button
        type="button"
        className={`plain ${own ? styles.own : styles.following} ${view.hiddenAbove ? styles.off : ''}`}
        aria-label={`${name}, ${band.name}: ${state}${follows === null ? '' : `, follows ${follows}`}`}
        title={[
          `${view.shown ? 'Hide' : 'Show'} ${places.length > 1 ? `all ${places.length} that are chosen ` : ''}on ${band.name}.`,
          ...(follows === null ? [] : [`Shown or not follows ${follows}.`]),
          ...(orderFollows === null ? [] : [`The order follows ${orderFollows}.`]),
          'Alt and up or down: its place there.',
        ].join(' ')}
        onClick={toggle}
      >
        {view.shown ? <EyeOutlined aria-hidden="true" /> : <EyeInvisibleOutlined aria-hidden="true" />}
        {view.shown && !view.hiddenAbove && (
          <span
            className={`figures ${view.orderedHere || widest ? styles.own : styles.following}`}
            aria-label={`place ${view.place}`}
          >
            {view.place}
          </span>
        )}
        {named !== undefined && <span className={styles.follows}>↤ {nameOfBand(named)}</span>}
      </button>
      {(view.shownHere || view.orderedHere) && !widest && (
        <button
          type="button"
          tabIndex={-1}
          className={`plain ${styles.takeBack}`}
          aria-label={`${name}, ${band.name}: take back its own ${taken.what}`}
          title={`Take back ${band.name}’s own ${taken.what}${taken.what === 'order' ? ', of all items beside it' : ''}, so that it follows again (Delete)`}
          onClick={taken.back}
        >
          <CloseOutlined aria-hidden="true" />
        </button>
      )}
      <span className={styles.steps}>
        {([-1, 1] as const).map((by) => (
          <button
            key={by}
            type="button"
            className="plain"
            tabIndex={-1}
            aria-label={`Move ${name} ${by < 0 ? 'up' : 'down'} on ${band.name}${widest ? '' : ' only'}`}
            disabled={stepInBand(menu, row, chain, band.id, by) === null}
            onClick={() => step(by)}
          >
            {by < 0 ? <ArrowUpOutlined aria-hidden="true" /> : <ArrowDownOutlined aria-hidden="true" />}
          </button>
        ))}
      </span>
    </span>
  );
}
