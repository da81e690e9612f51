'use client';

import { Button } from 'antd';
import { useSite } from '@/client/open-site-context';
import type { Place } from '@/core/edit/place';
import { useUpload } from '../../uploads/use-upload';
import styles from '../workbench.module.css';

/** Where a logo is looked at and the brand has none yet: how one is added. */
export function MissingLogo({ place }: { place: Place }) {
  const site = useSite();
  const upload = useUpload('artwork');
  const piece = place.on === 'piece' ? site[place.in][place.assembly]?.pieces[place.piece] : undefined;
  if (piece?.kind !== 'logo' || site.brand.logo.full !== null) return null;
  return (
    <p className={styles.missing}>
      <span className="quiet">The brand has no logo yet, so the site’s name stands in letters.</span>
      <Button
        size="small"
        loading={upload.busy}
        onClick={() => upload.ask((id) => [{ edit: 'setLogo', version: 'full', artwork: id }])}
      >
        Add a logo…
      </Button>
      {upload.input}
    </p>
  );
}
