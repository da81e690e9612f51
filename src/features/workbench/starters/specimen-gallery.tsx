'use client';

import { Input, Modal, type InputRef } from 'antd';
import { useRef, useState, type CSSProperties, type ReactNode } from 'react';
import { useFirstFocus } from '@/ui/use-first-focus';
import { foundSpecimens, meantSpecimen } from './found-specimens';
import { SpecimenOffers, type OffersProps, type Specimen } from './specimen-offers';
import styles from './starters.module.css';

interface GalleryProps<T extends Specimen> extends Omit<OffersProps<T>, 'holds' | 'chosen'> {
  title: string;
  /** What is to be known before one picks. */
  says: string;
  /** What is typed to find one among many; left out where there are few. */
  find?: string;
  /** What is offered before the items, as its label and its words. */
  first?: { drawn: ReactNode; name: string; about: string; pick(): void };
  onClose(): void;
}

/** Ready-made things to pick from, drawn live with the site's brand and menus. */
export function SpecimenGallery<T extends Specimen>({
  title,
  says,
  items,
  first,
  find,
  onClose,
  carry,
  ...offer
}: GalleryProps<T>) {
  const { field, afterOpenChange: toSearch } = useFirstFocus<InputRef>();
  const list = useRef<HTMLUListElement>(null);
  const [text, setText] = useState('');
  const [carrying, setCarrying] = useState(false);
  const found = foundSpecimens(items, text);
  const meant = meantSpecimen(found, text);
  const { width, height, scale } = offer.size;
  const size = { inlineSize: width * scale, blockSize: height * scale };
  return (
    <Modal
      open
      width={1136}
      title={title}
      footer={null}
      onCancel={onClose}
      afterOpenChange={(opened) => {
        toSearch(opened);
        // Where there is nothing to be typed, one is picked by keys at once.
        if (opened && find === undefined) list.current?.querySelector('button')?.focus();
      }}
      styles={{ body: { maxHeight: '72vh', overflowY: 'auto' } }}
      // What is carried away is dropped on what lies below.
      {...(carrying && { rootClassName: styles.carried! })}
    >
      <p className="quiet">{says}</p>
      {find !== undefined && (
        <Input
          ref={field}
          allowClear
          className={styles.find!}
          aria-label={find}
          placeholder={find}
          value={text}
          onChange={({ target }) => setText(target.value)}
          onPressEnter={() => meant && offer.onPick(meant)}
        />
      )}
      {found.length === 0 && (
        <p className="quiet" role="status">
          None of them is called “{text.trim()}”.
        </p>
      )}
      <ul
        ref={list}
        className={styles.gallery}
        style={{ '--specimen': `${size.inlineSize}px` } as CSSProperties}
      >
        {first && (
          <li>
            <button type="button" className={styles.starter} onClick={first.pick}>
              <span className={styles.bare} style={size}>
                {first.drawn}
              </span>
              <b>{first.name}</b>
              <span className="quiet">{first.about}</span>
            </button>
          </li>
        )}
        <SpecimenOffers
          {...offer}
          items={items}
          holds={(item) => found.includes(item)}
          {...(carry && {
            carry: (carried: T | null) => {
              setCarrying(carried !== null);
              carry(carried);
            },
          })}
        />
      </ul>
    </Modal>
  );
}
