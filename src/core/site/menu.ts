import * as v from 'valibot';
import { idSchema } from '../ids/id';
import { linkSchema } from '../properties/link';
import { itemProperties, menuProperties } from '../properties/menu';
import { valuesSchema } from '../properties/property';
import { translations } from './language';
import { nameSchema } from './name';

/** The most levels that a menu may have. */
export const MENU_LEVELS = 3;

export const labelSchema = v.pipe(
  v.string(),
  v.trim(),
  v.minLength(1, 'A label needs at least one letter.'),
  v.maxLength(80, 'A label has at most 80 characters.'),
  v.regex(/^[^\p{Cc}]*$/u, 'Line breaks and control characters cannot stand in a label.'),
);

/** An item of a menu. Without a label of its own it bears the title of the page that it leads to. */
export const menuItemSchema = v.strictObject({
  id: idSchema,
  label: v.nullable(labelSchema),
  /** Its own label in the site’s other languages. */
  labels: translations(labelSchema),
  link: linkSchema,
  children: v.array(idSchema),
  values: valuesSchema(itemProperties),
});
export type MenuItem = v.InferOutput<typeof menuItemSchema>;

/** A tree of items by id; `items` holds each of them, `top` and `children` their order on the widest band. */
export const menuSchema = v.strictObject({
  id: idSchema,
  name: nameSchema,
  top: v.array(idSchema),
  items: v.record(idSchema, menuItemSchema),
  values: valuesSchema(menuProperties),
});
export type Menu = v.InferOutput<typeof menuSchema>;
