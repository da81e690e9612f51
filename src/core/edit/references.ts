import type { Id } from '../ids/id';
import { NOWHERE, type Link } from '../properties/link';
import type { Site } from '../site/site';
import type { Use } from '../site/uses';

type OpenValues = Record<string, Record<string, unknown>>;

/** Turns pointers of values to another part, or with null to none; a value that cannot be none goes back to its initial one. */
export function setReferences(draft: Site, uses: readonly Use[], instead: Id | null): void {
  for (const { holder } of uses) {
    if (holder.holds === 'logo') draft.brand.logo[holder.version as keyof Site['brand']['logo']] = instead;
    if (holder.holds !== 'value') continue;
    const cells = (holder.values as OpenValues)[holder.property.name]!;
    const wanted = instead ?? (holder.property.kind.editor.open === undefined ? undefined : null);
    if (wanted !== undefined) cells[holder.cell] = wanted;
    else delete cells[holder.cell];
    if (Object.keys(cells).length === 0) delete (holder.values as OpenValues)[holder.property.name];
  }
}

/** Lets the links that these uses stand in lead elsewhere. */
export function setLinks(uses: readonly Use[], link: Link = NOWHERE): void {
  for (const { holder, to, id } of uses) {
    if (holder.holds === 'item') holder.item.link = link;
    if (holder.holds !== 'value') continue;
    const cells = (holder.values as OpenValues)[holder.property.name]!;
    const { redirected } = holder.property.kind;
    if (redirected) cells[holder.cell] = redirected(cells[holder.cell], { to, id }, link);
  }
}
