import { newBar, newBay, newItem, newMenu, newPage, newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { applyEdits } from './apply';
import type { Edit } from './index';

const at = { in: 'headers', assembly: 'h' } as const;
const onMenu = { on: 'piece', ...at, piece: 'menu' } as const;
const bytes = { bytes: 9, hash: 'a'.repeat(64) };
const face = {
  ...bytes,
  format: 'woff2' as const,
  weights: ['400', '400'] as ['400', '400'],
  slant: 'normal' as const,
};
const picture = { name: 'Mark', type: 'image/png' as const, width: 2, height: 2, alt: '', ...bytes };
const placingRule = {
  id: 'place',
  where: { by: 'below' as const, page: 'boats' },
  gives: { header: null },
};
const rule = { id: 'r', when: { by: 'fit' as const, margin: 16 }, turns: [] };

/** The sample with one of everything that can be removed, renamed or moved. */
export function fullSample(): Site {
  const outcome = applyEdits(sampleSite(), [
    { edit: 'addArtwork', artwork: { id: 'art', ...picture } },
    { edit: 'addFontFile', family: { id: 'font', name: 'Tern' }, file: face },
    { edit: 'addFile', file: { id: 'file', name: 'times.pdf', ...bytes } },
    { edit: 'addToken', family: 'colours', token: { id: 'sea', name: 'Sea', value: { css: 'teal' } } },
    { edit: 'addTypeStyle', style: { id: 'loud', name: 'Loud', values: {} } },
    { edit: 'addBar', at, bar: newBar('b2', 'Second'), pieces: [], index: 1 },
    { edit: 'setRule', at, bar: 'b', rule },
    { edit: 'setPlacingRule', rule: { ...placingRule, id: 'first' } },
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

type OfKind<K> = Extract<Edit, { edit: K }>;

/** Edits of every kind that change the sample: a kind without one does not compile. */
export const everyKind: { [K in Edit['edit']]: readonly [OfKind<K>, ...OfKind<K>[]] } = {
  setValue: [
    { edit: 'setValue', place: onMenu, property: 'itemGap', cell: 'tablet', value: 30 },
    {
      edit: 'setValue',
      place: { on: 'item', menu: 'm', item: 'i1' },
      property: 'shown',
      cell: 'phone',
      value: 'hidden',
    },
    {
      edit: 'setValue',
      place: { on: 'menu', menu: 'm' },
      property: 'order',
      cell: 'phone',
      value: ['i2', 'i1'],
    },
    {
      edit: 'setValue',
      place: { on: 'typeStyle', style: 'type-nav' },
      property: 'size',
      cell: 'desktop',
      value: { from: { at: 900, px: 13 }, to: { at: 1440, px: 18 } },
    },
  ],
  clearValue: [{ edit: 'clearValue', place: onMenu, property: 'shownAs', cell: 'phone' }],
  addPages: [
    { edit: 'addPages', pages: [newPage({ id: 'new', title: 'New', path: '/new', parent: 'boats' })] },
  ],
  acceptFinding: [{ edit: 'acceptFinding', finding: 'any what', reason: 'As it was wished' }],
  changePage: [
    { edit: 'changePage', page: 'boats', title: 'Ships', path: '/ships', below: true },
    { edit: 'changePage', page: 'boats', standIn: 'dusk' },
  ],
  translatePage: [{ edit: 'translatePage', page: 'boats', language: 'de', title: 'Boote' }],
  tagPages: [{ edit: 'tagPages', pages: ['boats', 'small'], add: ['water'], remove: [] }],
  movePages: [{ edit: 'movePages', pages: ['small'], parent: null, before: 'home' }],
  removePages: [{ edit: 'removePages', pages: ['small'], below: 'up', links: { do: 'nowhere' } }],
  addMenu: [{ edit: 'addMenu', menu: newMenu({ id: 'm2', name: 'Other' }) }],
  renameMenu: [{ edit: 'renameMenu', menu: 'm', name: 'First' }],
  removeMenu: [{ edit: 'removeMenu', menu: 'm', instead: null }],
  addItems: [
    {
      edit: 'addItems',
      menu: 'm',
      items: [
        newItem({
          id: 'i9',
          label: 'Mail',
          link: { to: 'email', email: 'a@example.com' },
          children: ['i10'],
        }),
        newItem({ id: 'i10', label: 'Call', link: { to: 'telephone', telephone: '01632 960 117' } }),
      ],
      parent: null,
      before: 'i2',
    },
  ],
  labelItem: [
    { edit: 'labelItem', menu: 'm', item: 'i3', label: null },
    { edit: 'labelItem', menu: 'm', item: 'i1', label: 'Where all of it begins' },
  ],
  linkItem: [{ edit: 'linkItem', menu: 'm', item: 'i3', link: { to: 'nothing' } }],
  moveItems: [{ edit: 'moveItems', menu: 'm', items: ['i3'], parent: null, before: 'i1' }],
  removeItems: [{ edit: 'removeItems', menu: 'm', items: ['i2'] }],
  addAssembly: [
    {
      edit: 'addAssembly',
      in: 'footers',
      assembly: { ...sampleSite().headers.h!, id: 'f2', pieces: {}, bars: { b: newBar('b', 'Main bar') } },
    },
  ],
  renameAssembly: [{ edit: 'renameAssembly', at, name: 'Other header' }],
  removeAssembly: [{ edit: 'removeAssembly', at }],
  addBar: [
    {
      edit: 'addBar',
      at,
      bar: newBar('b3', 'Third', {}, { end: ['t2'] }),
      pieces: [newPiece('t2', 'text')],
      index: 0,
    },
  ],
  renameBar: [{ edit: 'renameBar', at, bar: 'b', name: 'Upper bar' }],
  moveBar: [{ edit: 'moveBar', at, bar: 'b', index: 1 }],
  removeBar: [{ edit: 'removeBar', at, bar: 'b2' }],
  addBay: [{ edit: 'addBay', at, bar: 'b', bay: newBay('more'), index: 3 }],
  removeBay: [{ edit: 'removeBay', at, bar: 'b', bay: 'start' }],
  setRule: [{ edit: 'setRule', at, bar: 'b', rule: { ...rule, when: { by: 'width', below: 700 } } }],
  removeRule: [{ edit: 'removeRule', at, bar: 'b', rule: 'r' }],
  addPiece: [
    { edit: 'addPiece', at, spot: { bar: 'b', bay: 'start', index: 1 }, piece: newPiece('t', 'text') },
  ],
  movePiece: [{ edit: 'movePiece', at, piece: 'logo', spot: { bar: 'b', bay: 'end', index: 0 } }],
  removePiece: [{ edit: 'removePiece', at, piece: 'logo' }],
  renameSite: [{ edit: 'renameSite', name: 'Other' }],
  setEmbeds: [{ edit: 'setEmbeds', hosts: ['maps.example.com'] }],
  setAddress: [{ edit: 'setAddress', address: 'https://www.example.com' }],
  moveBreakpoint: [{ edit: 'moveBreakpoint', band: 'tablet', from: 700 }],
  setPlacingRule: [
    { edit: 'setPlacingRule', rule: placingRule },
    { edit: 'setPlacingRule', rule: { ...placingRule, gives: { footer: null } }, index: 0 },
  ],
  removePlacingRule: [{ edit: 'removePlacingRule', rule: 'first' }],
  placeOnPage: [{ edit: 'placeOnPage', page: 'boats', stands: { header: null } }],
  placeOnOthers: [{ edit: 'placeOnOthers', placing: { footer: null } }],
  setLanguages: [{ edit: 'setLanguages', languages: ['en', 'de'] }],
  addToken: [
    { edit: 'addToken', family: 'colours', token: { id: 'c', name: 'Sand', value: { css: 'tan' } } },
  ],
  changeToken: [{ edit: 'changeToken', family: 'radii', token: 'radius-small', name: 'Slight', value: 3 }],
  removeToken: [{ edit: 'removeToken', family: 'colours', token: 'sea', instead: 'ink' }],
  addTypeStyle: [{ edit: 'addTypeStyle', style: { id: 't', name: 'Quiet', values: {} } }],
  renameTypeStyle: [{ edit: 'renameTypeStyle', style: 'type-nav', name: 'Links' }],
  removeTypeStyle: [{ edit: 'removeTypeStyle', style: 'loud' }],
  setLogo: [{ edit: 'setLogo', version: 'full', artwork: 'art' }],
  addArtwork: [{ edit: 'addArtwork', artwork: { id: 'a', ...picture } }],
  changeArtwork: [{ edit: 'changeArtwork', artwork: 'art', alt: 'A tern' }],
  removeArtwork: [{ edit: 'removeArtwork', artwork: 'art' }],
  addFontFile: [{ edit: 'addFontFile', family: { id: 'ff', name: 'Gull' }, file: face }],
  removeFont: [{ edit: 'removeFont', family: 'font' }],
  addFile: [{ edit: 'addFile', file: { id: 'fl', name: 'fares.pdf', ...bytes } }],
  removeFile: [{ edit: 'removeFile', file: 'file' }],
};
export const everyEdit = Object.values(everyKind).flat();
