'use client';

import { useMemo } from 'react';
import { bandRange, NARROWEST } from '@/core/bands/band';
import type { Finding } from '@/core/checks/finding';
import { assemblyKinds } from '@/core/properties/assembly-kind';
import { homePage } from '@/core/render/files';
import { settleNames } from '@/core/render/names';
import { onWorkbench, placedOnPage, pageElement, shownOn } from '@/core/render/page/page';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import { stylesheetInState, pageInPhase } from '@/core/render/seen-in';
import { phaseLabels } from '@/core/properties/phases';
import { stateLabels } from '@/core/properties/states';
import { firstPageOf } from '@/core/site/placing';
import { inScheme } from '@/core/site/scheme';
import type { Site } from '@/core/site/site';
import type { Advances } from '@/core/text/advances';
import { placeOf } from '@/core/why/reason';
import { PreviewFrame, type FrameContent } from '@/ui/preview/preview-frame';
import { useSize } from '@/ui/use-size';
import { fileOf } from '../workbench/preview/use-rendered';
import styles from './checks.module.css';

const nothing = () => undefined;

/** How high a view is, in px of the screen: a drawer is seen down to what stays at its bottom. */
function heightOf({ lead }: Finding): number {
  const place = placeOf(lead);
  return place && 'in' in place && place.in === 'drawers' ? 480 : 220;
}

/** What is drawn of a state of the site. */
interface Drawn {
  file: string;
  content: FrameContent;
}

/** The page on which a finding is seen, as a state of the site has it. */
function drawnOf(own: Site, { lead, seen }: Finding, advances: Advances): Drawn | null {
  const site = inScheme(own, seen.scheme ?? 'light');
  const place = placeOf(lead);
  const at = place && 'assembly' in place ? place : null;
  const assembly = at && site[at.in][at.assembly];
  const kind = at && assemblyKinds.find((each) => each === at.in);
  const told = seen.page === undefined ? null : site.pages[seen.page];
  const page =
    told ?? (assembly && at.in !== 'drawers' ? firstPageOf(site, assembly.id) : null) ?? homePage(site);
  const language = seen.language ?? site.languages[0]!;
  const shown = { page, language };
  const on = assembly && kind ? onWorkbench(site, shown, kind, assembly) : placedOnPage(site, page, language);
  const names = settleNames(site);
  const css = viewStylesheet(site, advances, shownOn(on));
  const piece = place?.on === 'piece' ? names.get(place.piece) : undefined;
  return {
    file: fileOf(site, shown),
    content: {
      page: pageInPhase(pageElement(site, page, on, language, advances), seen.phase ?? 'top'),
      css: piece && seen.state ? stylesheetInState(css, piece, seen.state) : css,
      drawer: kind === 'drawers' && assembly ? names.get(assembly.id)! : null,
      atEnd: kind === 'footers',
      still: true,
    },
  };
}

/** The width at which a finding is seen: as it says, or where its band begins, and in the widest where it says nothing. */
function widthOf({ bands }: Site, { seen }: Finding): number {
  if (seen.width !== undefined) return seen.width;
  const band = seen.band ?? bands[0]!.id;
  const { from, to } = bandRange(bands, band);
  return Math.min(Math.max(from, band === bands[0]!.id ? 1216 : 375, NARROWEST), to ?? 1920);
}

/** In which state and phase a finding is seen, in words; nothing of those in which all is at first. */
const conditionsOf = ({ seen: { state = 'rest', phase = 'top' } }: Finding): string[] => [
  ...(state === 'rest' ? [] : [stateLabels[state].toLowerCase()]),
  ...(phase === 'top' ? [] : [phaseLabels[phase].toLowerCase()]),
];

/** A finding where it can be seen, and beside it what its repair would make of that. */
export function FindingView({
  site,
  mended,
  finding,
  advances,
}: {
  site: Site;
  /** The site once it was repaired; null without a repair. */
  mended: Site | null;
  finding: Finding;
  advances: Advances;
}) {
  const [area, room] = useSize<HTMLDivElement>();
  const width = widthOf(site, finding);
  const height = heightOf(finding);
  const states = useMemo(
    () =>
      (
        [
          ['as it is', site],
          ['repaired', mended],
        ] as const
      ).flatMap(([name, state]) => {
        const drawn = state && drawnOf(state, finding, advances);
        return drawn ? [{ name, ...drawn }] : [];
      }),
    [site, mended, finding, advances],
  );
  const scale = Math.min(1, room.width / width);
  return (
    <div ref={area} className={styles.views}>
      {room.width > 0 &&
        states.map(({ name, file, content }) => (
          <figure key={name}>
            <div style={{ inlineSize: width * scale, blockSize: height }} inert>
              <PreviewFrame
                title={`Finding ${name}`}
                root={`/frame/${site.id}`}
                file={file}
                content={content}
                width={width}
                height={height / scale}
                scale={scale}
                onNavigate={nothing}
                onDrawer={nothing}
                onLeave={nothing}
              />
            </div>
            <figcaption className="quiet">
              {states.length > 1 ? `${name}, ` : ''}
              <span className="figures">{width} px</span>
              {conditionsOf(finding).map((condition) => `, ${condition}`)}
            </figcaption>
          </figure>
        ))}
    </div>
  );
}
