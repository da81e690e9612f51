'use client';

import { Button } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import { LaterSite, useSite } from '@/client/open-site-context';
import { writeDesignTokens } from '@/core/formats/brand/write-design-tokens';
import type { Id } from '@/core/ids/id';
import { slug } from '@/core/render/names';
import { leastRing } from '@/core/resolve/focus-ring';
import { hasDark, inScheme, shownSchemes } from '@/core/site/scheme';
import { Sheet } from '@/ui/sheet/sheet';
import { saveText } from '../reading/save-text';
import { Screen } from '../shell/screen';
import { sheetColumns, sheetGroups } from '../sheet/sheet-model';
import { useValueActions } from '../sheet/use-value-actions';
import { ArtworkSection } from './artwork-section';
import { ContrastTable } from './contrast-table';
import { FontSection } from './font-section';
import { ReadTokens } from './read-tokens';
import { TokenTable } from './token-table';
import { TypeSection } from './type-section';
import styles from './brand.module.css';

const place = { on: 'brand' as const };

function SpaceSection() {
  const site = useSite();
  const actions = useValueActions(place);
  const columns = useMemo(() => sheetColumns(site.bands), [site.bands]);
  const groups = useMemo(() => sheetGroups(site, place), [site]);
  const ring = Math.min(...shownSchemes(site).map((scheme) => leastRing(inScheme(site, scheme))));
  return (
    <>
      <Sheet title="Width, space, focus" columns={columns} groups={groups} actions={actions} />
      <p className={ring < 3 ? styles.warning : 'quiet'} role={ring < 3 ? 'alert' : undefined}>
        The focus ring stands out by <span className="figures">{ring.toFixed(1)} : 1</span> or more on
        whatever is behind it{hasDark(site) ? ', in either scheme' : ''}
        {ring < 3 ? ': less than 3 : 1, which it needs. Choose one light and one dark colour.' : '.'}
      </p>
    </>
  );
}

function Family({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div>
      <h3>{title}</h3>
      {children}
    </div>
  );
}

/** The sections of the screen, in the order in which a brand is usually set up. */
const sectionsOf = (style: Id | null): readonly { id: string; title: string; content: ReactNode }[] => [
  {
    id: 'colours',
    title: 'Colours',
    content: (
      <>
        <div className={styles.families}>
          <Family title="By role">
            <TokenTable family="colours" title="Colours by role" only="standard" />
          </Family>
          <Family title="By name">
            <TokenTable family="colours" title="Colours by name" only="added" />
            <p className="quiet">
              A value is any CSS colour, or the name of another colour to be the same as it. What is said for
              dark holds for visitors who prefer that.
            </p>
          </Family>
        </div>
        <Family title="Contrast of text and ground">
          <ContrastTable />
        </Family>
      </>
    ),
  },
  { id: 'type', title: 'Type', content: <TypeSection first={style} /> },
  { id: 'fonts', title: 'Fonts', content: <FontSection /> },
  { id: 'space', title: 'Width, space, focus', content: <SpaceSection /> },
  {
    id: 'edges',
    title: 'Corners, lines, shadows',
    content: (
      <div className={styles.families}>
        <Family title="Corner radii">
          <TokenTable family="radii" title="Corner radii" />
        </Family>
        <Family title="Borders">
          <TokenTable family="borders" title="Borders" />
        </Family>
        <Family title="Shadows">
          <TokenTable family="shadows" title="Shadows" />
        </Family>
      </div>
    ),
  },
  {
    id: 'motion',
    title: 'Motion',
    content: (
      <div className={styles.families}>
        <Family title="Durations">
          <TokenTable family="durations" title="Durations" />
        </Family>
        <Family title="Easings">
          <TokenTable family="easings" title="Easings" />
        </Family>
      </div>
    ),
  },
  { id: 'artwork', title: 'Artwork', content: <ArtworkSection /> },
];

function LaterBrand({ style }: { style: Id | null }) {
  const site = useSite();
  const sections = sectionsOf(style);
  const [reading, setReading] = useState(false);
  const write = () =>
    saveText(`${slug(site.name, 'site')}.tokens.json`, writeDesignTokens(site), 'application/json');
  return (
    <Screen here="brand">
      <div className={styles.brand}>
        <nav aria-label="Parts of the brand" className={styles.parts}>
          {sections.map(({ id, title }) => (
            <a key={id} href={`#${id}`}>
              {title}
            </a>
          ))}
          <div className={styles.tokens}>
            <Button block onClick={() => setReading(true)}>
              Read tokens…
            </Button>
            <Button block onClick={write}>
              Write tokens
            </Button>
          </div>
        </nav>
        <div className={styles.sections}>
          {sections.map(({ id, title, content }) => (
            <section key={id} id={id} aria-label={title}>
              <h2>{title}</h2>
              {content}
            </section>
          ))}
        </div>
      </div>
      {reading && <ReadTokens onClose={() => setReading(false)} />}
    </Screen>
  );
}

/** The looks of the site: colours, type, fonts, space, edges, motion, artwork; with the type style that is asked for. */
export function BrandScreen({ style }: { style: Id | null }) {
  return (
    <LaterSite>
      <LaterBrand style={style} />
    </LaterSite>
  );
}
