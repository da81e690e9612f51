import * as v from 'valibot';
import { idSchema, own } from '../ids/id';
import { altSchema, artworkSchema } from '../site/artwork';
import { fileSchema } from '../site/file';
import { fontFileSchema } from '../site/font';
import { nameSchema } from '../site/name';
import { usesOf } from '../site/uses';
import { editKind } from './edit-kind';
import { setLinks, setReferences } from './references';

/** Edits of what has bytes of its own beside the document: artwork, fonts, files. */

const artworkGone = 'This artwork is no longer there.';

export const addArtwork = editKind({
  title: 'Add artwork',
  schema: v.strictObject({ edit: v.literal('addArtwork'), artwork: artworkSchema }),
  apply(draft, { artwork }) {
    if (own(draft.artwork, artwork.id)) return `There is already artwork with the id ${artwork.id}.`;
    draft.artwork[artwork.id] = artwork;
    return null;
  },
});

export const changeArtwork = editKind({
  title: 'Change artwork',
  schema: v.strictObject({
    edit: v.literal('changeArtwork'),
    artwork: idSchema,
    name: v.optional(nameSchema),
    alt: v.optional(altSchema),
  }),
  apply(draft, edit) {
    const artwork = own(draft.artwork, edit.artwork);
    if (!artwork) return artworkGone;
    if (edit.name !== undefined) artwork.name = edit.name;
    if (edit.alt !== undefined) artwork.alt = edit.alt;
    return null;
  },
});

/** Removes artwork; what showed it shows the brand’s logo, or none. */
export const removeArtwork = editKind({
  title: 'Remove artwork',
  schema: v.strictObject({ edit: v.literal('removeArtwork'), artwork: idSchema }),
  apply(draft, edit) {
    if (!own(draft.artwork, edit.artwork)) return artworkGone;
    setReferences(draft, usesOf(draft, 'artwork', new Set([edit.artwork])), null);
    delete draft.artwork[edit.artwork];
    return null;
  },
});

/** Adds a file to an uploaded family, which is made with its first file. A file of the same weights and slant takes the other’s place. */
export const addFontFile = editKind({
  title: 'Add a font',
  schema: v.strictObject({
    edit: v.literal('addFontFile'),
    family: v.strictObject({ id: idSchema, name: nameSchema }),
    file: fontFileSchema,
  }),
  apply(draft, { family, file }) {
    const known = own(draft.fonts, family.id);
    const same = ({ weights, slant }: typeof file) =>
      slant === file.slant && weights.join() === file.weights.join();
    if (known) known.files = [...known.files.filter((each) => !same(each)), file];
    else draft.fonts[family.id] = { ...family, files: [file] };
    return null;
  },
});

/** Removes an uploaded family; type styles that use it go back to the family that a new style has. */
export const removeFont = editKind({
  title: 'Remove a font',
  schema: v.strictObject({ edit: v.literal('removeFont'), family: idSchema }),
  apply(draft, { family }) {
    if (!own(draft.fonts, family)) return 'This font is no longer there.';
    setReferences(draft, usesOf(draft, 'fonts', new Set([family])), null);
    delete draft.fonts[family];
    return null;
  },
});

export const addFile = editKind({
  title: 'Add a file',
  schema: v.strictObject({ edit: v.literal('addFile'), file: fileSchema }),
  apply(draft, { file }) {
    if (own(draft.files, file.id)) return `There is already a file with the id ${file.id}.`;
    draft.files[file.id] = file;
    return null;
  },
});

/** Removes a file; links to it lead nowhere. */
export const removeFile = editKind({
  title: 'Remove a file',
  schema: v.strictObject({ edit: v.literal('removeFile'), file: idSchema }),
  apply(draft, edit) {
    const file = own(draft.files, edit.file);
    if (!file) return 'This file is no longer there.';
    const uses = usesOf(draft, 'files', new Set([edit.file]));
    // Items that lead nowhere then keep the name that they had from the file.
    for (const { holder } of uses) if (holder.holds === 'item') holder.item.label ??= file.name;
    setLinks(uses);
    delete draft.files[edit.file];
    return null;
  },
});
