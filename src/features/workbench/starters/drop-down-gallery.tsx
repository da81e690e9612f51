'use client';

import { useCallback } from 'react';
import { useSite } from '@/client/open-site-context';
import { EVERYWHERE } from '@/core/bands/follow';
import type { Edit } from '@/core/edit';
import type { Place } from '@/core/edit/place';
import { openDropDowns } from '@/core/fit/drop-down-places';
import { usually } from '@/core/fit/heights';
import { pieceKind } from '@/core/pieces';
import { homePage } from '@/core/render/files';
import { settleNames } from '@/core/render/names';
import { pageElement } from '@/core/render/page/page';
import { pageFile } from '@/core/render/page/paths';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import type { Assembly, Piece } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import { dropDownForms, type DropDownForm } from '@/core/starters/drop-downs';
import type { Advances } from '@/core/text/advances';
import type { FrameContent } from '@/ui/preview/preview-frame';
import { SpecimenGallery } from './specimen-gallery';

const SIZE = { width: 1440, height: 440, scale: 0.235 };

/** What a form says, property by property, in the cell in which each is said for all widths. */
function saidBy(site: Site, { values }: DropDownForm, { kind }: Piece): [string, string, unknown][] {
  const widest = site.bands[0]!.id;
  return Object.entries(values).map(([name, value]) => {
    const { by } = pieceKind(kind).properties.find((each) => each.name === name)!;
    return [name, by === 'width' ? widest : EVERYWHERE, value];
  });
}

/** The edits that give a menu a form of drop-downs, whatever its bands said of it before. */
export function formEdits(
  site: Site,
  place: Place & { on: 'piece' },
  piece: Piece,
  form: DropDownForm,
): Edit[] {
  return saidBy(site, form, piece).flatMap(([property, cell, value]): Edit[] => [
    ...Object.keys(piece.values[property] ?? {})
      .filter((each) => each !== cell)
      .map((other): Edit => ({ edit: 'clearValue', place, property, cell: other })),
    { edit: 'setValue', place, property, cell, value },
  ]);
}

/** The header with its menu in a form, the first of its drop-downs open. */
function formPage(
  site: Site,
  header: Assembly,
  piece: Piece,
  form: DropDownForm,
  advances: Advances,
): FrameContent {
  const said = saidBy(site, form, piece).map(([name, cell, value]) => [name, { [cell]: value }]);
  const changed = { ...piece, values: { ...piece.values, ...Object.fromEntries(said) } };
  const own = { ...header, pieces: { ...header.pieces, [piece.id]: changed } };
  const seen: Site = { ...site, headers: { [own.id]: own }, footers: {} };
  const first = openDropDowns(usually(seen, advances), 'headers', own, SIZE).find(
    (each) => each.piece === piece.id,
  );
  return {
    page: pageElement(seen, homePage(site), { header: own, footer: null }, site.languages[0], advances),
    css: viewStylesheet(seen, advances),
    drawer: null,
    dropDown: first ? `.${settleNames(seen).get(piece.id)!} ${first.selector}` : null,
    atEnd: false,
    still: true,
  };
}

interface DropDownGalleryProps {
  header: Assembly;
  piece: Piece;
  onPick(form: DropDownForm): void;
  onClose(): void;
}

/** Ready-made forms of drop-downs, drawn in the header in which they would stand. */
export function DropDownGallery({ header, piece, onPick, onClose }: DropDownGalleryProps) {
  const site = useSite();
  const draw = useCallback(
    (form: DropDownForm, advances: Advances) => formPage(site, header, piece, form, advances),
    [site, header, piece],
  );
  return (
    <SpecimenGallery
      title="Forms of drop-downs"
      says="Each is drawn in this header. It takes the place of what the menu says of its drop-downs at all widths; undo brings that back."
      items={dropDownForms}
      size={SIZE}
      root={`/frame/${site.id}`}
      file={pageFile(homePage(site).path)}
      draw={draw}
      onPick={onPick}
      onClose={onClose}
    />
  );
}
