import * as v from 'valibot';
import { bandsSchema } from '../bands/band';
import { idSchema } from '../ids/id';
import { acceptedSchema } from './accepted';
import { artworkSchema } from './artwork';
import { assemblySchema } from './assembly';
import { brandSchema } from './brand';
import { fileSchema } from './file';
import { fontSchema } from './font';
import { languagesSchema } from './language';
import { menuSchema } from './menu';
import { wordProperties } from '../pieces/words';
import { hostOf, hostsSchema } from '../properties/hosts';
import { valuesSchema } from '../properties/property';
import { siteAddressSchema } from './site-address';
import { nameSchema } from './name';
import { pageSchema } from './page';
import { placingSchema } from './placing-schema';

/** The version of the document's form; a change of form raises it and adds an upgrade (upgrades.ts). */
export const SITE_VERSION = 8;

/** The whole document: one site. */
export const siteSchema = v.strictObject({
  version: v.literal(SITE_VERSION, `This application reads site files of version ${SITE_VERSION}.`),
  id: idSchema,
  name: nameSchema,
  /** Where the site stands, without a slash at its end; null while that is not known. */
  address: v.nullable(siteAddressSchema),
  /** The hosts from which pages may be embedded. */
  embeds: hostsSchema,
  languages: languagesSchema,
  /** What pages say by themselves, as far as the designer says it otherwise. */
  words: v.strictObject({ values: valuesSchema(wordProperties) }),
  bands: bandsSchema,
  brand: brandSchema,
  placing: placingSchema,
  /** All pages in their order; among pages of the same parent it is the one that they are shown in. */
  pageOrder: v.array(idSchema),
  pages: v.record(idSchema, pageSchema),
  menus: v.record(idSchema, menuSchema),
  headers: v.record(idSchema, assemblySchema('headers')),
  drawers: v.record(idSchema, assemblySchema('drawers')),
  footers: v.record(idSchema, assemblySchema('footers')),
  artwork: v.record(idSchema, artworkSchema),
  fonts: v.record(idSchema, fontSchema),
  files: v.record(idSchema, fileSchema),
  /** What checks found and the designer left as it is, with the reason, by the keys of findings. */
  accepted: v.optional(acceptedSchema),
});
export type Site = v.InferOutput<typeof siteSchema>;

/** Whether a page at an address may be embedded: it is of a host that the site allows. */
export const mayEmbed = ({ embeds }: Pick<Site, 'embeds'>, address: string): boolean =>
  embeds.includes(hostOf(address));

/** The collections of the document whose parts have a row each in the database. */
export const partKinds = [
  'pages',
  'menus',
  'headers',
  'drawers',
  'footers',
  'artwork',
  'fonts',
  'files',
] as const;
export type PartKind = (typeof partKinds)[number];
