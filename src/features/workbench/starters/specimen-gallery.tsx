'use client';

import { Input, Modal } from 'antd';
import { memo, useEffect, useMemo, useState, type CSSProperties, type ReactNode } from 'react';
import { PreviewFrame, type FrameContent } from '@/ui/preview/preview-frame';
import styles from './starters.module.css';

/** A view for each specimen would keep the page waiting; they are put in one after another, this many ms apart. */
const PAUSE = 60;

const nothing = () => undefined;

/** What is carried is known by this type; what it is, those know who let it go. */
const CARRIED = 'application/x-gable-ridge-piece';

/** How much of a page a specimen shows, in CSS px, and to which scale. */
export interface SpecimenSize {
  width: number;
  height: number;
  scale: number;
}

export interface Specimen {
  id: string;
  name: string;
  about: string;
}

interface GalleryProps<T extends Specimen> {
  title: string;
  /** What is to be known before one picks. */
  says: string;
  items: readonly T[];
  size: SpecimenSize;
  /** The address under which frames of the site stand, and the file of its home page. */
  root: string;
  file: string;
  /** The page that shows an item, null where there is nothing to show; the same function as long as it shows the same. */
  draw(item: T): FrameContent | null;
  /** What is typed to find one among many; left out where there are few. */
  find?: string;
  /** An item is carried away, to be dropped elsewhere, or no more; left out where none is. */
  carry?(item: T | null): void;
  /** What is offered before the items, as its label and its words. */
  first?: { drawn: ReactNode; name: string; about: string; pick(): void };
  onPick(item: T): void;
  onClose(): void;
}

/** How many of the specimens are drawn by now. */
function useDrawnOneByOne(all: number): number {
  const [drawn, setDrawn] = useState(1);
  useEffect(() => {
    if (drawn >= all) return;
    const timer = setTimeout(() => setDrawn(drawn + 1), PAUSE);
    return () => clearTimeout(timer);
  }, [drawn, all]);
  return drawn;
}

interface DrawnProps {
  title: string;
  content: FrameContent;
  root: string;
  file: string;
  size: SpecimenSize;
}

const Drawn = memo(function Drawn({ title, content, size, ...frame }: DrawnProps) {
  return (
    <PreviewFrame
      {...frame}
      {...size}
      title={title}
      content={content}
      onNavigate={nothing}
      onDrawer={nothing}
      onLeave={nothing}
    />
  );
});

/** One of the specimens, drawn when its turn has come. */
function Offer<T extends Specimen>({
  item,
  drawn,
  draw,
  carry,
  onPick,
  ...frame
}: { item: T; drawn: boolean } & Pick<
  GalleryProps<T>,
  'draw' | 'carry' | 'onPick' | 'root' | 'file' | 'size'
>) {
  const content = useMemo(() => (drawn ? draw(item) : null), [drawn, draw, item]);
  const { width, height, scale } = frame.size;
  return (
    <li
      draggable={carry !== undefined}
      onDragStart={(event) => {
        event.dataTransfer.setData(CARRIED, item.id);
        event.dataTransfer.effectAllowed = 'copy';
        // What is dragged has to stand there for the picture that the pointer carries.
        setTimeout(() => carry?.(item));
      }}
      onDragEnd={() => carry?.(null)}
    >
      <button type="button" className={styles.starter} onClick={() => onPick(item)}>
        <span
          className={styles.drawing}
          style={{ inlineSize: width * scale, blockSize: height * scale }}
          aria-hidden="true"
          inert
        >
          {content && <Drawn {...frame} title={`${item.name}, drawn`} content={content} />}
          {drawn && !content && <span className={styles.undrawn}>nothing to show in it yet</span>}
        </span>
        <b>{item.name}</b>
        <span className="quiet">{item.about}</span>
      </button>
    </li>
  );
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
  const drawn = useDrawnOneByOne(items.length);
  const [text, setText] = useState('');
  const [carrying, setCarrying] = useState(false);
  const wanted = text.trim().toLowerCase();
  const holds = ({ name, about }: T) => `${name} ${about}`.toLowerCase().includes(wanted);
  const found = items.filter(holds);
  const { width, height, scale } = offer.size;
  const size = { inlineSize: width * scale, blockSize: height * scale };
  return (
    <Modal
      open
      width={1136}
      title={title}
      footer={null}
      onCancel={onClose}
      styles={{ body: { maxHeight: '72vh', overflowY: 'auto' } }}
      // What is carried away is dropped on what lies below.
      {...(carrying && { rootClassName: styles.carried! })}
    >
      <p className="quiet">{says}</p>
      {find !== undefined && (
        <Input
          autoFocus
          allowClear
          className={styles.find!}
          aria-label={find}
          placeholder={find}
          value={text}
          onChange={({ target }) => setText(target.value)}
          onPressEnter={() => found.length > 0 && wanted !== '' && offer.onPick(found[0]!)}
        />
      )}
      {found.length === 0 && (
        <p className="quiet" role="status">
          None of them is called “{text.trim()}”.
        </p>
      )}
      <ul className={styles.gallery} style={{ '--specimen': `${size.inlineSize}px` } as CSSProperties}>
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
        {items.map((item, index) =>
          holds(item) ? (
            <Offer
              key={item.id}
              {...offer}
              {...(carry && {
                carry: (carried: T | null) => {
                  setCarrying(carried !== null);
                  carry(carried);
                },
              })}
              item={item}
              drawn={index < drawn}
            />
          ) : null,
        )}
      </ul>
    </Modal>
  );
}
