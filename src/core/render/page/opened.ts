import type { Id } from '../../ids/id';
import { el, type Node } from '../../markup/html';
import { pageTitle } from '../../menus/entries';
import { pieceKind } from '../../pieces';
import type { PieceContext } from '../../pieces/piece';
import { drawerParts } from '../../properties/bar';
import { inLanguage } from '../../resolve/in-language';
import type { Assembly } from '../../site/assembly';
import type { Words } from '../../pieces/shipped-words';
import { pageWords } from '../../site/page-words';
import { barsHtml } from './bars';
import { dialogId, pieceContext, type PageState } from './page-state';
import { perStage, piecesPerStage } from './stages';
import { standInExcerpt } from './stand-ins/stand-in';

/** What closes a drawer that holds nothing to do so: seen as long as it has the focus. */
function closeHtml(name: string, { close }: Words): Node {
  return el(
    'button',
    { class: 'drawer-close skip', type: 'button', command: 'close', commandfor: name },
    close,
  );
}

/** The parts of a drawer: what stays at its top, what scrolls, and what stays at its bottom. */
function drawerPartsHtml(state: PageState, drawer: Assembly, context: PieceContext): Node[] {
  const stages = perStage(state, 'drawers', drawer);
  const bars = barsHtml(state, stages, context);
  const left = leftPieces(state, drawer);
  return drawerParts.map((part) => {
    const inPart = bars.filter((_, index) => stages[0]!.bars[index]!.values.part === part);
    const inside = part === 'body' ? [...inPart, ...left] : inPart;
    return inside.length > 0 && el('div', { class: `drawer-${part}` }, ...inside);
  });
}

function drawerHtml(state: PageState, drawer: Assembly, context: PieceContext): Node {
  const name = context.className(drawer.id)!;
  const stages = perStage(state, 'drawers', drawer);
  const closes = Object.values(drawer.pieces).some(({ kind }) => kind === 'close');
  return el(
    'dialog',
    {
      class: `drawer ${name}`,
      id: name,
      'aria-label': context.words.menu,
      closedby: stages[0]!.values.closesOutside ? 'any' : 'closerequest',
    },
    !closes && closeHtml(name, context.words),
    ...drawerPartsHtml(state, drawer, context),
  );
}

/** The pieces that leave the header for the drawer at some width, to stand once more in the first drawer that the header opens. */
function leftPieces(state: PageState, drawer: Assembly): Node[] {
  const { header, names } = state;
  if (!header) return [];
  const stages = piecesPerStage(state, 'headers', header);
  const opened = stages.flat().flatMap(({ kind, values }) => pieceKind(kind).opens?.(values) ?? []);
  if (opened[0] !== drawer.id) return [];
  const context = {
    ...pieceContext(state, 'headers', header),
    idOf: (piece: Id) => `${names.get(piece)!}-in-drawer`,
  };
  return stages[0]!.flatMap((own, index) => {
    const piece = inLanguage(own, state.language);
    const versions = stages.map((stage) => inLanguage(stage[index]!, state.language));
    return versions.some(({ values }) => values.shown === 'drawer')
      ? [el('div', { class: 'left-piece' }, pieceKind(piece.kind).html(piece, context, versions))]
      : [];
  });
}

/** The content of a page as a dialog, for links that open it so. */
function dialogHtml(id: string, title: string, { close }: Words): Node {
  return el(
    'dialog',
    { class: 'dialog', id, 'aria-label': title, closedby: 'any' },
    el('button', { class: 'drawer-close', type: 'button', command: 'close', commandfor: id }, close),
    standInExcerpt(title),
  );
}

/** The drawers and dialogs that the page opens; what stands in them may open more, so this goes on until there are no more. */
export function openedHtml(state: PageState): Node[] {
  const { site, drawers, dialogs, language } = state;
  const nodes = new Map<Id, Node>();
  const next = () => [...drawers].find((id) => !nodes.has(id));
  for (let id = next(); id !== undefined; id = next()) {
    nodes.set(id, null);
    const drawer = site.drawers[id]!;
    nodes.set(id, drawerHtml(state, drawer, pieceContext(state, 'drawers', drawer)));
  }
  return [
    ...nodes.values(),
    ...[...dialogs].map((id) =>
      dialogHtml(dialogId(site, site.pages[id]!), pageTitle(site, id, language), pageWords(site, language)),
    ),
  ];
}
