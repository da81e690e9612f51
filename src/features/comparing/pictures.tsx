'use client';

import { Select } from 'antd';
import { useMemo, useState } from 'react';
import { useAdvances } from '@/client/open-site-context';
import type { Difference } from '@/core/comparing/differences';
import { assemblyNouns } from '@/core/properties/assembly-kind';
import type { Site } from '@/core/site/site';
import { PreviewFrame, type FrameContent } from '@/ui/preview/preview-frame';
import { useSize } from '@/ui/use-size';
import { viewsOf } from '../workbench/preview/views';
import { assembliesOf, drawnAssembly, fileOf, type AssemblyOf } from './drawn-assembly';
import styles from './comparing.module.css';

/** A state of a site: what it is called, and the address below which its frames stand. */
export interface State {
  name: string;
  site: Site;
  root: string;
}

/** How much of a page a picture shows at the most: its height in px on the screen, and of the page in CSS px. */
const SHOWN = { height: 190, page: 620 };
/** The largest scale of a picture. */
const LARGEST = 0.5;
const GAP = 12;

const nothing = () => undefined;

interface Drawn {
  state: State;
  file: string;
  content: FrameContent | null;
}

/** A view of one state; where it has no such thing, that is said. */
function View({
  drawn: { state, file, content },
  title,
  ...size
}: {
  drawn: Drawn;
  title: string;
  width: number;
  height: number;
  scale: number;
}) {
  if (!content) return <p className="quiet">It is not there in “{state.name}”.</p>;
  return (
    <PreviewFrame
      title={title}
      root={state.root}
      file={file}
      content={content}
      {...size}
      onNavigate={nothing}
      onDrawer={nothing}
      onLeave={nothing}
    />
  );
}

interface PicturesProps {
  before: State;
  after: State;
  differences: readonly Difference[];
}

/** Two states of a header, drawer or footer side by side, band by band, and beside them where the two pictures differ. */
export function Pictures({ before, after, differences }: PicturesProps) {
  const advances = useAdvances();
  const all = useMemo(() => assembliesOf(before.site, after.site), [before, after]);
  const isChanged = ({ kind, id }: AssemblyOf) =>
    differences.some(({ path }) => path === `${kind}.${id}` || path.startsWith(`${kind}.${id}.`));
  const [chosen, setChosen] = useState<string | null>(null);
  const shown = all.find(({ id }) => id === chosen) ?? all.find(isChanged) ?? all[0];
  const [area, size] = useSize<HTMLDivElement>();
  const [was, is] = useMemo(
    () =>
      [before, after].map((state): Drawn | null =>
        shown
          ? { state, file: fileOf(state.site, shown), content: drawnAssembly(state.site, shown, advances) }
          : null,
      ),
    [before, after, shown, advances],
  );
  if (!shown || !was || !is) return <p className="quiet">There is no header, drawer or footer to draw.</p>;
  const column = Math.max(80, (size.width - 2 * GAP) / 3);
  return (
    <section aria-label="As pictures" className={styles.pictures}>
      <div className={styles.heading}>
        <h2>As pictures</h2>
        <Select
          aria-label="What is drawn"
          value={shown.id}
          popupMatchSelectWidth={false}
          options={all.map((each) => ({
            value: each.id,
            label: `${assemblyNouns[each.kind]} “${each.name}”${isChanged(each) ? ', changed' : ''}`,
          }))}
          onChange={setChosen}
        />
      </div>
      <div ref={area} className={styles.bands} style={{ gap: GAP }}>
        {[before.name, after.name, 'Where they differ'].map((name) => (
          <p key={name} className={styles.column}>
            {name}
          </p>
        ))}
        {viewsOf(after.site.bands, {}).map(({ id, name, width }) => {
          const scale = Math.min(LARGEST, column / width);
          const height = Math.min(SHOWN.page, SHOWN.height / scale);
          const sized = { width, height, scale };
          const box = { inlineSize: width * scale, blockSize: height * scale };
          const label = `${name} ${width} px`;
          return [
            <figure key={`${id} was`} className={styles.picture}>
              <div style={box} inert>
                <View drawn={was} title={`${before.name}, ${name}`} {...sized} />
              </div>
              <figcaption className="figures quiet">{label}</figcaption>
            </figure>,
            <figure key={`${id} is`} className={styles.picture}>
              <div style={box} inert>
                <View drawn={is} title={`${after.name}, ${name}`} {...sized} />
              </div>
            </figure>,
            <figure key={`${id} both`} className={styles.picture}>
              {was.content && is.content ? (
                <div style={box} role="img" aria-label={`Where they differ, ${label}`} inert>
                  <div className={styles.differing} style={box}>
                    <View drawn={was} title={`Differing, ${name}, one`} {...sized} />
                    <View drawn={is} title={`Differing, ${name}, other`} {...sized} />
                  </div>
                </div>
              ) : (
                <p className="quiet">Only one of them is there.</p>
              )}
            </figure>,
          ];
        })}
      </div>
    </section>
  );
}
