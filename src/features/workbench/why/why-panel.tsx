import { CloseOutlined } from '@ant-design/icons';
import { Fragment, useEffect, useMemo, useRef } from 'react';
import { useAdvances, useSite } from '@/client/open-site-context';
import { findPlace } from '@/core/edit/place';
import { cellName, placeName } from '@/core/edit/place-name';
import { whyHere } from '@/core/why/here';
import type { CellAt, Lead, Reason } from '@/core/why/reason';
import { whyOf } from '@/core/why/why';
import type { Spotted } from '../pointing/pointed-frame';
import { pointedName } from '../titles';
import styles from './why.module.css';

/** What it is asked of: one cell, or all that makes something look as it does in a view. */
export type Asked = ({ of: 'cell' } & CellAt) | ({ of: 'spot' } & Spotted);

interface ChainProps {
  reasons: readonly Reason[];
  onLead(lead: Lead): void;
}

function Value({ value, swatch }: Reason) {
  return (
    <>
      {swatch && <span className={styles.swatch} style={{ background: swatch }} />}
      <b>{value}</b>
    </>
  );
}

/** The links of a chain, from what holds to where it was said. */
function Chain({ reasons, onLead }: ChainProps) {
  return (
    <ol className={styles.chain}>
      {reasons.map((reason, index) => (
        <li key={index}>
          {reason.lead ? (
            <button type="button" className="plain" onClick={() => onLead(reason.lead!)}>
              {reason.words}
            </button>
          ) : (
            <span>{reason.words}</span>
          )}
          {reason.value !== null && <Value {...reason} />}
        </li>
      ))}
    </ol>
  );
}

function OfCell({ asked, onLead }: { asked: CellAt; onLead(lead: Lead): void }) {
  const site = useSite();
  const advances = useAdvances();
  const reasons = useMemo(() => whyOf(site, advances, asked), [site, advances, asked]);
  return reasons.length === 0 ? (
    <p className="quiet">What was asked about is no longer there.</p>
  ) : (
    <Chain reasons={reasons} onLead={onLead} />
  );
}

function OfSpot({ spot, onLead }: { spot: Spotted; onLead(lead: Lead): void }) {
  const site = useSite();
  const advances = useAdvances();
  const here = useMemo(() => whyHere(site, advances, spot.pointed, spot), [site, advances, spot]);
  if (!here) return <p className="quiet">What was asked about is no longer there.</p>;
  return (
    <>
      <p className="quiet">
        In force there: {here.holds.join(' · ')}
        {here.values.length === 0 && '. Nothing is set of it: all is as it comes.'}
      </p>
      <dl className={styles.values}>
        {here.values.map(({ asked, label, reasons }) => (
          <Fragment key={`${asked.property} ${asked.cell}`}>
            <dt>{label}</dt>
            <dd>
              <Chain reasons={reasons} onLead={onLead} />
            </dd>
          </Fragment>
        ))}
      </dl>
    </>
  );
}

/** Why something is as it is: the chain of what made it, each link leading to where it is said. */
export function WhyPanel({
  asked,
  onLead,
  onClose,
}: {
  asked: Asked;
  onLead(lead: Lead): void;
  onClose(): void;
}) {
  const site = useSite();
  const panel = useRef<HTMLElement>(null);
  // Who asked by a key goes on from here by Tab, and comes back to where it was asked.
  const before = useRef<Element | null>(null);
  useEffect(() => {
    if (!panel.current?.contains(document.activeElement)) before.current = document.activeElement;
    panel.current?.focus();
    // What it is asked of stays in sight below it.
    if (asked.of === 'cell') before.current?.scrollIntoView({ block: 'end' });
  }, [asked]);
  const close = () => {
    onClose();
    if (before.current instanceof HTMLElement) before.current.focus();
  };
  const title = () => {
    if (asked.of === 'spot') return `${pointedName(site, asked.pointed)} at ${asked.width} px`;
    const found = findPlace(site, asked.place);
    const of =
      typeof found === 'string' ? null : found.properties.find(({ name }) => name === asked.property);
    const cell = cellName(site, asked.cell);
    return `${placeName(site, asked.place)}: ${of?.label ?? ''}${cell === null ? '' : `, ${cell}`}`;
  };
  return (
    <section
      ref={panel}
      className={styles.why}
      aria-label="Why is it so"
      tabIndex={-1}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        event.preventDefault();
        close();
      }}
    >
      <div className={styles.head}>
        <h3>Why is it so</h3>
        <span>{title()}</span>
        <button type="button" className="plain" aria-label="Close: why is it so" onClick={close}>
          <CloseOutlined aria-hidden="true" />
        </button>
      </div>
      {asked.of === 'cell' ? (
        <OfCell asked={asked} onLead={onLead} />
      ) : (
        <OfSpot spot={asked} onLead={onLead} />
      )}
    </section>
  );
}
