import type { ReferenceTarget } from '@/core/properties/reference';
import type { Site } from '@/core/site/site';
import type { SheetOption } from './model';

/** What references of this kind may point at, with names to choose by. */
export function referenceOptions(site: Site, to: ReferenceTarget): SheetOption[] {
  if (to === 'pages')
    return site.pageOrder.map((id) => ({
      value: id,
      label: `${site.pages[id]!.title}  ${site.pages[id]!.path}`,
    }));
  return Object.values(site[to]).map(({ id, name }) => ({ value: id, label: name }));
}
