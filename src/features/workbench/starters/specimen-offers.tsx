'use client';

import { memo, useEffect, useState } from 'react';
import { useOwnAdvances } from '@/client/open-site-context';
import type { Advances } from '@/core/text/advances';
import { inTurn } from '@/ui/in-turn';
import { PreviewFrame, type FrameContent } from '@/ui/preview/preview-frame';
import { useSeen } from '@/ui/use-seen';
import styles from './starters.module.css';

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

export interface OffersProps<T extends Specimen> {
  items: readonly T[];
  /** Those of them that are looked for; all, where nothing is. */
  holds?(item: T): boolean;
  /** The one that was picked; left out where a pick ends it. */
  chosen?: string | null;
  size: SpecimenSize;
  /** The address under which frames of the site stand, and the file of its home page. */
  root: string;
  file: string;
  /** The page that shows an item, null where there is nothing to show; the same function as long as it shows the same. */
  draw(item: T, advances: Advances): FrameContent | null;
  /** An item is carried away, to be dropped elsewhere, or no more; left out where none is. */
  carry?(item: T | null): void;
  onPick(item: T): void;
}

/**
 * What a specimen shows, worked out in its turn once it is wanted, and in turn again when it is to show something else: many of them at
 * once would keep the page waiting. Undefined until then.
 */
function useDrawnInTurn<T>(
  wanted: boolean,
  draw: (item: T, advances: Advances) => FrameContent | null,
  item: T,
): FrameContent | null | undefined {
  const advances = useOwnAdvances();
  const [content, setContent] = useState<FrameContent | null>();
  useEffect(() => {
    if (!wanted) return;
    return inTurn((over) => {
      setContent(draw(item, advances));
      over();
    });
  }, [wanted, draw, item, advances]);
  return content;
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

/** One of the specimens, drawn when it is in sight and its turn has come. */
function Offer<T extends Specimen>({
  item,
  draw,
  carry,
  chosen,
  onPick,
  ...frame
}: { item: T } & Omit<OffersProps<T>, 'items' | 'holds'>) {
  const [place, seen] = useSeen<HTMLLIElement>();
  const content = useDrawnInTurn(seen, draw, item);
  const { width, height, scale } = frame.size;
  return (
    <li
      ref={place}
      draggable={carry !== undefined}
      onDragStart={(event) => {
        event.dataTransfer.setData(CARRIED, item.id);
        event.dataTransfer.effectAllowed = 'copy';
        // What is dragged has to stand there for the picture that the pointer carries.
        setTimeout(() => carry?.(item));
      }}
      onDragEnd={() => carry?.(null)}
    >
      <button
        type="button"
        className={styles.starter}
        aria-pressed={chosen === undefined ? undefined : chosen === item.id}
        onClick={() => onPick(item)}
      >
        <span
          className={styles.drawing}
          style={{ inlineSize: width * scale, blockSize: height * scale }}
          aria-hidden="true"
          inert
        >
          {content && <Drawn {...frame} title={`${item.name}, drawn`} content={content} />}
          {!content && (
            <span className={styles.undrawn}>
              {content === null ? 'nothing to show in it yet' : 'being drawn…'}
            </span>
          )}
        </span>
        <b>{item.name}</b>
        <span className="quiet">{item.about}</span>
      </button>
    </li>
  );
}

/** Ready-made things to pick from, drawn live with the site's brand and menus; items of a list. */
export function SpecimenOffers<T extends Specimen>({ items, holds = () => true, ...offer }: OffersProps<T>) {
  return items.filter(holds).map((item) => <Offer key={item.id} {...offer} item={item} />);
}
