import { DEFAULT_STEP } from '@/core/properties/brand';
import { EVERYWHERE } from '@/core/bands/follow';
import { shippedFamilies } from '@/core/brand/fonts';
import { readLink, targetText } from '@/core/menus/link-text';
import { linkWords } from '@/core/menus/link-words';
import type { Link } from '@/core/properties/link';
import type { ReferenceTarget } from '@/core/properties/reference';
import { partName, partsOf } from '@/core/site/parts';
import type { Site } from '@/core/site/site';
import { seenColour } from '@/core/site/seen-colour';

/** Something that a value can be chosen to be, or to point at. */
export interface SheetOption {
  value: string;
  label: string;
  /** A colour that stands for it, as CSS. */
  swatch?: string;
}

export type LinkReading =
  | { ok: true; link: Link; label: string }
  /** `page` is the path of a page that could be added, so that the text means one. */
  | { ok: false; reason: string; page?: string };

/** What editors of values know of the site that they stand in. */
export interface EditorSource {
  /** The brand’s spacing step, in CSS px. */
  step: number;
  /** What references of a kind may point at. */
  options(to: ReferenceTarget): SheetOption[];
  families(): SheetOption[];
  /** Targets to choose a link from, under headings. */
  linkGroups(): { label: string; options: SheetOption[] }[];
  /** A link as the value of its option: what can be typed for it. */
  linkValue(link: Link): string;
  /** The link that a typed text means. */
  readLink(text: string): LinkReading;
}

/** The brand’s spacing step, in CSS px. */
function spacingStep(site: Site): number {
  return (site.brand.values.step?.[EVERYWHERE] as number | undefined) ?? DEFAULT_STEP;
}

function optionsTo(site: Site, to: ReferenceTarget): SheetOption[] {
  if (to === 'pages')
    return site.pageOrder.map((id) => ({
      value: id,
      label: `${site.pages[id]!.title}  ${site.pages[id]!.path}`,
    }));
  return Object.keys(partsOf(site, to)).map((value) => ({
    value,
    label: partName(site, to, value)!,
    ...(to === 'colours' ? { swatch: seenColour(site, value) } : {}),
  }));
}

function linkGroups(site: Site): { label: string; options: SheetOption[] }[] {
  const option = (link: Link, label: string): SheetOption => ({ value: targetText(site, link), label });
  const pages = optionsTo(site, 'pages');
  return [
    { label: 'Pages', options: pages.map(({ value, label }) => option({ to: 'page', page: value }, label)) },
    {
      label: 'Files',
      options: Object.values(site.files).map(({ id, name }) => option({ to: 'file', file: id }, name)),
    },
    {
      label: 'Open a drawer',
      options: Object.values(site.drawers).map(({ id, name }) => option({ to: 'drawer', drawer: id }, name)),
    },
    {
      label: 'Change the language',
      options: site.languages.map((language) => option({ to: 'language', language }, language)),
    },
    {
      label: 'Open a page in a dialog',
      options: pages.map(({ value, label }) => option({ to: 'dialog', page: value }, `${label} (dialog)`)),
    },
  ].filter(({ options }) => options.length > 0);
}

/** What editors know of this site. */
export function editorSource(site: Site): EditorSource {
  return {
    step: spacingStep(site),
    options: (to) => optionsTo(site, to),
    families: () => [
      ...Object.values(site.fonts).map(({ id, name }) => ({ value: id, label: `${name} (uploaded)` })),
      ...shippedFamilies.map(({ id, name }) => ({ value: id, label: name })),
    ],
    linkGroups: () => linkGroups(site),
    linkValue: (link) => targetText(site, link),
    readLink(text) {
      const reading = readLink(site, text);
      return reading.ok ? { ...reading, label: linkWords(site, reading.link) } : reading;
    },
  };
}
