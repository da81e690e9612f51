import * as v from 'valibot';
import { addAssembly, removeAssembly, renameAssembly } from './assemblies';
import { addBar, addBay, moveBar, removeBar, removeBay, renameBar } from './bars';
import type { Site } from '../site/site';
import type { EditKind } from './edit-kind';
import {
  addToken,
  addTypeStyle,
  changeToken,
  removeToken,
  removeTypeStyle,
  renameTypeStyle,
  setLogo,
} from './brand';
import {
  addArtwork,
  addFile,
  addFontFile,
  changeArtwork,
  removeArtwork,
  removeFile,
  removeFont,
} from './bytes';
import {
  addItems,
  addMenu,
  labelItem,
  linkItem,
  moveItems,
  removeItems,
  removeMenu,
  renameMenu,
} from './menus';
import { addPages, changePage, movePages, removePages, tagPages, translatePage } from './pages';
import { addPiece, movePiece, removePiece } from './pieces';
import { removeRule, setRule } from './rules';
import {
  moveBreakpoint,
  placeOnOthers,
  placeOnPage,
  removePlacingRule,
  renameSite,
  acceptFinding,
  setAddress,
  setEmbeds,
  setLanguages,
  setPlacingRule,
} from './site';
import { clearValue, setValue } from './values';

/** Every kind of edit by its name. */
export const editKinds = {
  setValue,
  clearValue,
  addPages,
  changePage,
  translatePage,
  tagPages,
  movePages,
  removePages,
  addMenu,
  renameMenu,
  removeMenu,
  addItems,
  labelItem,
  linkItem,
  moveItems,
  removeItems,
  addAssembly,
  renameAssembly,
  removeAssembly,
  addBar,
  renameBar,
  moveBar,
  removeBar,
  addBay,
  removeBay,
  setRule,
  removeRule,
  addPiece,
  movePiece,
  removePiece,
  renameSite,
  moveBreakpoint,
  placeOnOthers,
  placeOnPage,
  setPlacingRule,
  removePlacingRule,
  acceptFinding,
  setAddress,
  setEmbeds,
  setLanguages,
  addToken,
  changeToken,
  removeToken,
  addTypeStyle,
  renameTypeStyle,
  removeTypeStyle,
  setLogo,
  addArtwork,
  changeArtwork,
  removeArtwork,
  addFontFile,
  removeFont,
  addFile,
  removeFile,
};

type EditOf<K> = K extends EditKind<infer T> ? T : never;
/** A change to the site as plain data. */
export type Edit = EditOf<(typeof editKinds)[keyof typeof editKinds]>;

/** Reads an edit from outside; the kind is told by its name in `edit`. */
export const editSchema: v.GenericSchema<unknown, Edit> = v.lazy((input) => {
  const name = typeof input === 'object' && input !== null && 'edit' in input ? String(input.edit) : '';
  if (Object.hasOwn(editKinds, name))
    return editKinds[name as keyof typeof editKinds].schema as v.GenericSchema<unknown, Edit>;
  return v.never(`There is no edit “${name}”.`);
});

/** What an edit does, in words, for undo and redo; the site is as it is before it. */
export function editTitle(site: Site, edit: Edit): string {
  const { says, title } = kindOf(edit);
  return says?.(site, edit) ?? title;
}

/** The kind of an edit. */
export function kindOf(edit: Edit): EditKind<Edit> {
  return editKinds[edit.edit] as unknown as EditKind<Edit>;
}
