'use client';

import { useCallback, useMemo } from 'react';
import { useSite } from '@/client/open-site-context';
import type { Assembly, Bar, Piece } from '@/core/site/assembly';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { firstCell } from '@/core/properties/axis';
import type { Values } from '@/core/properties/property';
import { pieceKind, pieceKindsIn } from '@/core/pieces';
import { homePage } from '@/core/render/files';
import { settleNames } from '@/core/render/names';
import { writeHtml } from '@/core/markup/html';
import { pageElement } from '@/core/render/page/page';
import { pageFile } from '@/core/render/page/paths';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import { newBay } from '@/core/site/defaults';
import { partsOf } from '@/core/site/parts';
import type { Site } from '@/core/site/site';
import type { Advances } from '@/core/text/advances';
import type { FrameContent } from '@/ui/preview/preview-frame';
import { SpecimenGallery } from '../starters/specimen-gallery';
import type { Specimen } from '../starters/specimen-offers';
import { startPiece } from './new-piece';

const SIZE = { width: 420, height: 130, scale: 0.59 };

/** Values of a piece by name, said for the widest band or everywhere. */
function saidOnce(site: Site, kind: string, values: Record<string, unknown>): Values {
  const { properties } = pieceKind(kind);
  const said = Object.entries(values).map(([name, value]) => {
    const { by } = properties.find((each) => each.name === name)!;
    return [name, { [firstCell(by, [site.bands[0]!.id])]: value }];
  });
  return Object.fromEntries(said);
}

/** What there is of the site for a piece to show: its first menu, and its first artwork. */
function ofSite(site: Site, kind: string): Record<string, unknown> {
  const wanted = pieceKind(kind).properties.flatMap(({ name, kind: { editor } }) =>
    editor.as === 'reference' && (editor.to === 'menus' || editor.to === 'artwork')
      ? [[name, Object.keys(partsOf(site, editor.to))[0] ?? null]]
      : [],
  );
  return Object.fromEntries(wanted);
}

/** A page with nothing but a piece on it, which stands alone in a bar, at one width for all; null where it shows nothing. */
function pageOf(site: Site, piece: Piece, bar: Bar, advances: Advances): FrameContent | null {
  const [widest] = site.bands;
  const values = { ...bar.values, leastHeight: { [widest!.id]: SIZE.height }, division: {}, shown: {} };
  const id = 'specimen-bar';
  const header: Assembly = {
    id: 'specimen-header',
    name: piece.kind,
    order: [id],
    // Under an id of its own: the bar may go on standing in a drawer, whose rules would meet it.
    bars: { [id]: { ...bar, id, bays: [newBay('start', [piece.id])], values, rules: [] } },
    pieces: { [piece.id]: piece },
    values: {},
  };
  const seen: Site = {
    ...site,
    bands: [{ ...widest!, from: 0 }],
    headers: { [header.id]: header },
    footers: {},
  };
  const page = pageElement(seen, homePage(site), { header, footer: null }, site.languages[0], advances);
  if (!writeHtml(page).includes(settleNames(seen).get(piece.id)!)) return null;
  return { page, css: viewStylesheet(seen, advances), drawer: null, atEnd: false, still: true };
}

/** A page with a piece of a kind as it is put in, else with what the site has for it to show; null where there is nothing. */
function piecePage(site: Site, into: AssemblyKind, kind: string, bar: Bar, advances: Advances) {
  const started = startPiece(site, kind, into, () => 'specimen');
  const values = { ...started.values, ...saidOnce(site, kind, pieceKind(kind).sample ?? {}) };
  const shown = (more: Values) => pageOf(site, { ...started, values: { ...values, ...more } }, bar, advances);
  return shown({}) ?? shown(saidOnce(site, kind, ofSite(site, kind)));
}

interface PieceGalleryProps {
  into: AssemblyKind;
  /** The bar on whose ground they are drawn. */
  bar: Bar;
  /** Where the picked one goes, in words. */
  where: string;
  onPick(kind: string): void;
  /** One is carried to somewhere else, or no more. */
  onCarry(kind: string | null): void;
  onClose(): void;
}

/** Every kind of piece that can stand there, drawn live in the site's brand. */
export function PieceGallery({ into, bar, where, onPick, onCarry, onClose }: PieceGalleryProps) {
  const site = useSite();
  const draw = useCallback(
    ({ id }: Specimen, advances: Advances) => piecePage(site, into, id, bar, advances),
    [site, into, bar],
  );
  const items = useMemo(
    () => pieceKindsIn(into).map(({ kind, label, about }) => ({ id: kind, name: label, about })),
    [into],
  );
  return (
    <SpecimenGallery
      title={`Add a piece: ${where}`}
      says="A click puts it there; or drag it to any bay of the plan or of a view."
      items={items}
      size={SIZE}
      root={`/frame/${site.id}`}
      file={pageFile(homePage(site).path)}
      draw={draw}
      find="Find a piece"
      carry={(item) => onCarry(item?.id ?? null)}
      onPick={({ id }) => onPick(id)}
      onClose={onClose}
    />
  );
}
