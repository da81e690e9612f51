'use client';

import { Modal } from 'antd';
import { memo, useEffect, useMemo, useState, type CSSProperties, type ReactNode } from 'react';
import { PreviewFrame, type FrameContent } from '@/ui/preview/preview-frame';
import styles from './starters.module.css';

/** A view for each specimen would keep the page waiting; they are put in one after another, this many ms apart. */
const PAUSE = 60;

const nothing = () => undefined;

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
  /** The page that shows an item; the same function as long as it shows the same. */
  draw(item: T): FrameContent;
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
  onPick,
  ...frame
}: { item: T; drawn: boolean } & Pick<GalleryProps<T>, 'draw' | 'onPick' | 'root' | 'file' | 'size'>) {
  const content = useMemo(() => (drawn ? draw(item) : null), [drawn, draw, item]);
  const { width, height, scale } = frame.size;
  return (
    <li>
      <button type="button" className={styles.starter} onClick={() => onPick(item)}>
        <span
          className={styles.drawing}
          style={{ inlineSize: width * scale, blockSize: height * scale }}
          aria-hidden="true"
          inert
        >
          {content && <Drawn {...frame} title={`${item.name}, drawn`} content={content} />}
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
  onClose,
  ...offer
}: GalleryProps<T>) {
  const drawn = useDrawnOneByOne(items.length);
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
    >
      <p className="quiet">{says}</p>
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
        {items.map((item, index) => (
          <Offer key={item.id} {...offer} item={item} drawn={index < drawn} />
        ))}
      </ul>
    </Modal>
  );
}
