'use client';

import { Button, Tag } from 'antd';
import { useEdit, useSite } from '@/client/open-site-context';
import type { Place } from '@/core/edit/place';
import { hostOf } from '@/core/properties/hosts';
import { mayEmbed } from '@/core/site/site';
import styles from '../workbench.module.css';

/** Where a page from elsewhere is looked at: the hosts that the site embeds pages from, and what visitors get while this one is not among them. */
export function EmbedHosts({ place }: { place: Place }) {
  const site = useSite();
  const edit = useEdit();
  const piece = place.on === 'piece' ? site[place.in][place.assembly]?.pieces[place.piece] : undefined;
  if (piece?.kind !== 'embed') return null;
  const address = (piece.values.address?.all as string | undefined) ?? '';
  const untitled = Object.values(piece.values.title ?? {}).every((title) => String(title).trim() === '');
  const host = hostOf(address);
  const setHosts = (hosts: string[]) => edit([{ edit: 'setEmbeds', hosts }]);
  return (
    <section className={styles.offer} aria-label="Embedded pages">
      {host !== '' && untitled && (
        <p>It has no title yet. Readers would not be told what it is, so nothing of it is shown.</p>
      )}
      {host !== '' && !mayEmbed(site, address) && (
        <p>
          This site embeds nothing from <span className="figures">{host}</span> yet: a link to the page stands
          in its place.{' '}
          <Button size="small" onClick={() => setHosts([...site.embeds, host])}>
            Embed from {host}
          </Button>
        </p>
      )}
      {site.embeds.length > 0 && (
        <p>
          <span className="quiet">Pages are embedded from</span>{' '}
          {site.embeds.map((each) => (
            <Tag
              key={each}
              closable={{ closeIcon: true, 'aria-label': `Embed nothing from ${each}` }}
              onClose={(event) => {
                // It goes when the edit is taken, not before.
                event.preventDefault();
                setHosts(site.embeds.filter((other) => other !== each));
              }}
            >
              {each}
            </Tag>
          ))}
        </p>
      )}
    </section>
  );
}
