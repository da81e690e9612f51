'use client';

import { memo, useMemo } from 'react';
import { useAdvances, useSite } from '@/client/open-site-context';
import type { AssemblyPlace } from '@/core/edit/place';
import { statedParts } from '@/core/pieces/stated-parts';
import { phaseLabels } from '@/core/properties/phases';
import { stateLabels, type State, type StatedPart } from '@/core/properties/states';
import { homePage } from '@/core/render/files';
import { pageFile } from '@/core/render/page/paths';
import { everyStanding, standingPiece, type Standing } from '@/core/resolve/standing-piece';
import { ringContrast } from '@/core/resolve/focus-ring';
import { leastContrast, type LeastContrast } from '@/core/resolve/state-contrast';
import type { SettledPiece } from '@/core/pieces/piece';
import { inScheme, shownSchemes } from '@/core/site/scheme';
import type { Site } from '@/core/site/site';
import { stateGrowth } from '@/core/text/state-growth';
import { PreviewFrame } from '@/ui/preview/preview-frame';
import { ContrastFigure } from '@/ui/contrast-figure';
import { keepsRoom, labelsOf } from './state-labels';
import { stateSpecimen } from './state-specimen';
import styles from './states.module.css';

/** The scale to which specimens are drawn, and the width of a view in px of the screen. */
const SCALE = 0.54;
const WIDTH = 92;

/** The least contrast of a state, and where that is, unless it is on the widest band at the top of the page. */
function Contrast({ site, least }: { site: Site; least: LeastContrast | null }) {
  if (least === null) return <span className="quiet">over a picture</span>;
  const { ratio, band, phase } = least;
  const nth = site.bands.findIndex(({ id }) => id === band);
  const where = [
    ...(nth === 0 ? [] : [site.bands[nth]!.name]),
    ...(phase === 'top' ? [] : [phaseLabels[phase].toLowerCase()]),
  ].join(', ');
  return (
    <>
      <ContrastFigure ratio={ratio} />
      {where !== '' && <small className="quiet">{where}</small>}
    </>
  );
}

/** By how much the ring stands out that comes with the focus. */
function Ring({ ratio }: { ratio: number | null }) {
  return (
    ratio !== null && (
      <span title="The focus ring, on what is behind it">
        ring <ContrastFigure ratio={ratio} />
      </span>
    )
  );
}

/** What states do to the width of a text, measured; nothing where they do nothing. */
function Growth({ site, settled, part, labels, keepsRoom }: GrowthProps) {
  const advances = useAdvances();
  const growths = stateGrowth(site, advances, settled, part, labels);
  if (growths === null) return <p className="quiet">Measuring …</p>;
  return growths.map(({ states, label, by }) => (
    <p key={states[0]} className={styles.growth}>
      <b>{states.map((state) => stateLabels[state]).join(', ')}</b>: “{label}” is{' '}
      <span className="figures">{Math.abs(by).toFixed(1)} px</span> {by > 0 ? 'wider' : 'narrower'} than rest.{' '}
      {keepsRoom(by)
        ? 'Items keep that room, so their neighbours stand still.'
        : 'What stands beside it moves.'}
    </p>
  ));
}

interface GrowthProps {
  site: Site;
  settled: SettledPiece;
  part: StatedPart;
  labels: readonly string[];
  /** Whether room is kept for a text that gets wider by so much, or narrower. */
  keepsRoom(by: number): boolean;
}

interface PartStatesProps {
  site: Site;
  at: AssemblyPlace;
  piece: string;
  part: StatedPart;
  standings: readonly Standing[];
  settled: SettledPiece;
}

/** The least that the ring stands out by, wherever the piece stands; null for a state without one. */
function leastRingOf(
  site: Site,
  standings: readonly Standing[],
  part: StatedPart,
  state: State,
): number | null {
  const ratios = standings
    .map(({ inBar }) => ringContrast(site, inBar, part, state))
    .filter((ratio) => ratio !== null);
  return ratios.length === 0 ? null : Math.min(...ratios);
}

/** One part of a piece in all its states, live, each with its contrast. */
const PartStates = memo(function PartStates({ site, at, piece, part, standings, settled }: PartStatesProps) {
  const advances = useAdvances();
  const labels = useMemo(() => labelsOf(site, settled, part), [site, settled, part]);
  const { page, css, height } = useMemo(
    () => stateSpecimen(site, at, piece, part, WIDTH / SCALE, advances),
    [site, at, piece, part, advances],
  );
  const content = useMemo(() => ({ page, css, drawer: null, atEnd: false }), [page, css]);
  const whole = part.states.length * height;
  return (
    <section className={styles.part} aria-label={`States of ${part.label}`}>
      <h3>{part.label}</h3>
      <div className={styles.rows}>
        <div style={{ inlineSize: WIDTH, blockSize: Math.ceil(whole * SCALE) + 2 }}>
          <PreviewFrame
            title={`${part.label} in every state`}
            root={`/frame/${site.id}`}
            file={pageFile(homePage(site).path)}
            content={content}
            width={WIDTH / SCALE}
            height={whole + 4}
            scale={SCALE}
            onNavigate={() => undefined}
            onDrawer={() => undefined}
            onLeave={() => undefined}
          />
        </div>
        <dl>
          {part.states.map((state) => (
            <div key={state} style={{ blockSize: height * SCALE }}>
              <dt>{stateLabels[state]}</dt>
              <dd>
                {shownSchemes(site).map((scheme) => {
                  const seen = inScheme(site, scheme);
                  return (
                    <span key={scheme} className={styles.inScheme}>
                      {scheme === 'dark' && <small className="quiet">dark</small>}
                      <Contrast site={site} least={leastContrast(seen, standings, part, state)} />
                      <Ring ratio={leastRingOf(seen, standings, part, state)} />
                    </span>
                  );
                })}
              </dd>
            </div>
          ))}
        </dl>
      </div>
      <Growth {...{ site, settled, part, labels }} keepsRoom={(by) => keepsRoom(settled, part, by)} />
    </section>
  );
});

/** Specimens of every part of a piece in all its states, as it stands on the widest band, with the least contrast of all bands and phases. */
export function StatesPanel({ at, piece }: { at: AssemblyPlace; piece: string }) {
  const site = useSite();
  const found = site[at.in][at.assembly]?.pieces[piece];
  const standing = useMemo(() => standingPiece(site, at, piece), [site, at, piece]);
  const standings = useMemo(() => everyStanding(site, at, piece), [site, at, piece]);
  if (!found || !standing) return null;
  const { settled } = standing;
  return (
    <div className={styles.parts}>
      {statedParts(found.kind).map((part) => (
        <PartStates key={part.prefix} {...{ site, at, piece, part, standings, settled }} />
      ))}
    </div>
  );
}
