'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import type { Place } from '@/core/edit/place';
import { dropDownChoices } from '../preview/shown-drop-down';
import { DropDownGallery, formEdits } from '../starters/drop-down-gallery';
import styles from '../workbench.module.css';

/** Offers the ready-made forms of what drops down from a menu; nothing for other pieces. */
export function DropDownForms({ place }: { place: Place }) {
  const site = useSite();
  const edit = useEdit();
  const [choosing, setChoosing] = useState(false);
  if (place.on !== 'piece' || place.in !== 'headers') return null;
  const header = site.headers[place.assembly];
  const piece = header?.pieces[place.piece];
  // Where no item has others below it, nothing would be seen of a form.
  const drops =
    header &&
    dropDownChoices(site, 'headers', header).some(
      (each) => each.piece === place.piece && each.entry !== null,
    );
  if (!header || !piece || !drops) return null;
  return (
    <p className={styles.offer}>
      <Button size="small" onClick={() => setChoosing(true)}>
        Forms of drop-downs…
      </Button>
      {choosing && (
        <DropDownGallery
          header={header}
          piece={piece}
          onPick={(form) => {
            setChoosing(false);
            edit(formEdits(site, place, piece, form));
          }}
          onClose={() => setChoosing(false)}
        />
      )}
    </p>
  );
}
