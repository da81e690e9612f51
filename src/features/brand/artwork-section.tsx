'use client';

import { Button, Select } from 'antd';
import { useMemo } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import type { Edit } from '@/core/edit';
import { assemblyKinds } from '@/core/properties/assembly-kind';
import { artworkAdvice, sharpSize } from '@/core/brand/artwork-advice';
import { logoVersions, type LogoVersion } from '@/core/brand/logo-versions';
import { shownHeights } from '@/core/resolve/shown-artwork';
import { seenColour } from '@/core/site/seen-colour';
import { artworkTypes, type Artwork } from '@/core/site/artwork';
import type { Site } from '@/core/site/site';
import { usesOf } from '@/core/site/uses';
import { sizeText } from '@/ui/size-text';
import { TextCell } from '@/ui/table/text-cell';
import { useUpload } from '../uploads/use-upload';
import styles from './brand.module.css';

const versions = Object.keys(logoVersions) as LogoVersion[];

const logoEdit = (version: LogoVersion, artwork: string | null): Edit => ({
  edit: 'setLogo',
  version,
  artwork,
});

/** The edits that set a version of the logo. Logos of which no version was said take a first compact one on the phone. */
function settingLogo(site: Site, version: LogoVersion, artwork: string | null): Edit[] {
  const first = version === 'compact' && site.brand.logo.compact === null && artwork !== null;
  const logos = assemblyKinds.flatMap((kind) =>
    Object.values(site[kind]).flatMap(({ id, pieces }) =>
      Object.values(pieces)
        .filter((piece) => piece.kind === 'logo' && piece.values.version === undefined)
        .map((piece): Edit => ({
          edit: 'setValue',
          place: { on: 'piece', in: kind, assembly: id, piece: piece.id },
          property: 'version',
          cell: site.bands.at(-1)!.id,
          value: 'compact',
        })),
    ),
  );
  return [logoEdit(version, artwork), ...(first ? logos : [])];
}

/** Which artwork each version of the logo is. */
function Versions() {
  const site = useSite();
  const edit = useEdit();
  const options = [
    { value: '', label: 'none' },
    ...Object.values(site.artwork).map(({ id, name }) => ({ value: id, label: name })),
  ];
  return (
    <dl className={styles.versions}>
      {versions.map((version) => (
        <div key={version}>
          <dt>Logo, {logoVersions[version]}</dt>
          <dd>
            <Select
              aria-label={`Logo, ${logoVersions[version]}`}
              size="small"
              value={site.brand.logo[version] ?? ''}
              options={options}
              popupMatchSelectWidth={false}
              onChange={(value) => edit(settingLogo(site, version, value === '' ? null : value))}
            />
          </dd>
        </div>
      ))}
    </dl>
  );
}

function ArtworkRow({ artwork, height }: { artwork: Artwork; height: number }) {
  const site = useSite();
  const edit = useEdit();
  const sharp = sharpSize(artwork);
  const advice = artworkAdvice(artwork, height);
  const dark = versions.some((version) => site.brand.logo[version] === artwork.id && /dark/i.test(version));
  const uses = usesOf(site, 'artwork', new Set([artwork.id])).length;
  const change = (changes: { name?: string; alt?: string }) =>
    edit([{ edit: 'changeArtwork', artwork: artwork.id, ...changes }]);
  return (
    <tr>
      <td>
        <span className={styles.thumb} style={{ background: seenColour(site, dark ? 'deep' : 'ground') }}>
          <span style={{ backgroundImage: `url(/api/sites/${site.id}/bytes/${artwork.hash})` }} />
        </span>
      </td>
      <th scope="row">
        <TextCell label={`Name of ${artwork.name}`} text={artwork.name} keep={(name) => change({ name })} />
        {advice.map((sentence) => (
          <p key={sentence} className={styles.advice}>
            ▲ {sentence}
          </p>
        ))}
      </th>
      <td>
        <TextCell
          label={`Alternative text of ${artwork.name}`}
          text={artwork.alt}
          placeholder={site.name}
          keep={(alt) => change({ alt })}
        />
      </td>
      <td className="figures">
        {artworkTypes[artwork.type].toUpperCase()} {artwork.width} × {artwork.height}
      </td>
      <td className="figures">{sharp ? `${sharp.width} × ${sharp.height}` : 'any size'}</td>
      <td className="figures">{height > 0 ? `${height} px high` : '–'}</td>
      <td className="figures">{sizeText(artwork.bytes)}</td>
      <td className={styles.actions}>
        <button
          type="button"
          className="plain"
          aria-label={`Remove ${artwork.name}`}
          title={
            uses > 0
              ? `${uses === 1 ? 'One use goes' : `${uses} uses go`} back to the site’s name in letters`
              : 'Nothing uses it'
          }
          onClick={() => edit([{ edit: 'removeArtwork', artwork: artwork.id }])}
        >
          Remove
        </button>
      </td>
    </tr>
  );
}

/** The pictures of the brand, with what each is good for. */
export function ArtworkSection() {
  const site = useSite();
  const upload = useUpload('artwork');
  const heights = useMemo(() => shownHeights(site), [site]);
  const artwork = Object.values(site.artwork);
  return (
    <>
      <Versions />
      {artwork.length > 0 && (
        <table className="rows" aria-label="Artwork">
          <thead>
            <tr>
              <th scope="col">
                <span className="seen-by-readers-only">Look</span>
              </th>
              <th scope="col">Name</th>
              <th scope="col">Alternative text</th>
              <th scope="col">Natural size, px</th>
              <th scope="col">Sharp at 2x up to</th>
              <th scope="col">Shown</th>
              <th scope="col">File</th>
              <th scope="col">
                <span className="seen-by-readers-only">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {artwork.map((each) => (
              <ArtworkRow key={each.id} artwork={each} height={heights.get(each.id) ?? 0} />
            ))}
          </tbody>
        </table>
      )}
      <p className={styles.beside}>
        <Button
          loading={upload.busy}
          onClick={() => upload.ask((id) => (site.brand.logo.full === null ? [logoEdit('full', id)] : []))}
        >
          Upload artwork…
        </Button>
        <span className="quiet">
          SVG, PNG, WebP or JPEG, up to 2 MB. Without a logo the site’s name stands in letters.
        </span>
      </p>
      {upload.input}
    </>
  );
}
