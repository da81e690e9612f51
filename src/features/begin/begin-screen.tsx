'use client';

import { Button } from 'antd';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { LaterSite, useSite } from '@/client/open-site-context';
import { AddPages } from '../pages/add-pages';
import { ReadWebsite } from '../reading/read-website';
import { Screen } from '../shell/screen';
import { useUpload } from '../uploads/use-upload';
import { FewColours } from './few-colours';
import { StarterStrip } from './starter-strip';
import styles from './begin.module.css';

/** How many pages are named. */
const NAMED = 5;

function Pages() {
  const site = useSite();
  const [adding, setAdding] = useState(false);
  const titles = site.pageOrder.map((id) => site.pages[id]!.title);
  const more = titles.length - NAMED;
  return (
    <section aria-label="Pages">
      <h2>Pages</h2>
      {titles.length === 0 ? (
        <p className="quiet">None yet: a home page stands in.</p>
      ) : (
        <p>
          <span className="figures">{titles.length}</span> {titles.length === 1 ? 'page' : 'pages'}:{' '}
          <span className="quiet">
            {titles.slice(0, NAMED).join(', ')}
            {more > 0 && ` and ${more} more`}
          </span>
        </p>
      )}
      <Button onClick={() => setAdding(true)}>Add pages…</Button>
      <p className="quiet">A list, a sitemap or CSV; a menu is made of them, which what you pick shows.</p>
      {adding && <AddPages onClose={() => setAdding(false)} />}
    </section>
  );
}

function Existing() {
  const [reading, setReading] = useState(false);
  return (
    <section aria-label="A website that exists">
      <h2>A website that exists</h2>
      <Button onClick={() => setReading(true)}>Read a website…</Button>
      <p className="quiet">
        Its pages, menus, address, colours and logo, from a page or a folder; a header and a footer are made
        of them.
      </p>
      {reading && <ReadWebsite onClose={() => setReading(false)} />}
    </section>
  );
}

function Logo() {
  const site = useSite();
  const upload = useUpload('artwork');
  const { full } = site.brand.logo;
  const artwork = full === null ? undefined : site.artwork[full];
  return (
    <section aria-label="Logo">
      <h2>Logo</h2>
      {artwork ? (
        <p
          className={styles.logo}
          role="img"
          aria-label={artwork.name}
          style={{ backgroundImage: `url(/api/sites/${site.id}/bytes/${artwork.hash})` }}
        />
      ) : (
        <p className="quiet">None yet: the site’s name stands in letters.</p>
      )}
      <Button
        loading={upload.busy}
        onClick={() => upload.ask((id) => [{ edit: 'setLogo', version: 'full', artwork: id }])}
      >
        {artwork ? 'Take another logo…' : 'Add a logo…'}
      </Button>
      {upload.input}
    </section>
  );
}

function LaterBegin() {
  const site = useSite();
  const router = useRouter();
  return (
    <Screen here="begin">
      <div className={styles.begin}>
        <div className={styles.brand}>
          <p className="quiet">
            All of this can be left for later, and each of it has a screen of its own. What you set is kept at
            once, and undo takes it back.
          </p>
          <Existing />
          <Pages />
          <section aria-label="Colours">
            <h2>Colours</h2>
            <FewColours />
          </section>
          <Logo />
          <Button type="primary" block onClick={() => router.push(`/sites/${site.id}/headers`)}>
            To the workbench
          </Button>
        </div>
        <div className={styles.strips}>
          <StarterStrip kind="headers" />
          <StarterStrip kind="drawers" />
          <StarterStrip kind="footers" />
        </div>
      </div>
    </Screen>
  );
}

/** The beginning of a site: its pages, colours and logo, and a header, a drawer and a footer to start from, all at once. */
export function BeginScreen() {
  return (
    <LaterSite>
      <LaterBegin />
    </LaterSite>
  );
}
