/** The forms in which a menu is shown. */
export const shownAsLabels = {
  row: 'row',
  scrolling: 'row that scrolls sideways',
  cells: 'equal cells',
  column: 'column',
  columns: 'columns',
  button: 'menu button',
};
export type ShownAs = keyof typeof shownAsLabels;

/** How each form stands: whether there is a list, which way it runs, and what becomes of an entry's children. */
export const forms: Record<
  ShownAs,
  { list: boolean; direction: string; below: 'dropped' | 'indented' | 'under a heading' | 'left out' }
> = {
  row: { list: true, direction: 'row', below: 'dropped' },
  // What scrolls clips what hangs out of it, so nothing drops down there.
  scrolling: { list: true, direction: 'row', below: 'left out' },
  cells: { list: true, direction: 'row', below: 'dropped' },
  column: { list: true, direction: 'column', below: 'indented' },
  columns: { list: true, direction: 'row', below: 'under a heading' },
  button: { list: false, direction: 'column', below: 'indented' },
};

/** How a menu stands with the logo that it draws itself. */
export const withLogoLabels = {
  around: 'half before it, half after it',
  after: 'after it, in one row',
  below: 'in a row below it',
};
export type WithLogo = keyof typeof withLogoLabels;

/** The same in few words, behind the form of a menu. */
export const withLogoSummary: Record<WithLogo, string> = {
  around: ' around the logo',
  after: ' behind the logo',
  below: ' below the logo',
};

/** A row that scrolls sideways, in CSS px: how wide it is at least, and the room beside its items. */
export const SCROLLING = { least: 120, padding: 4 };

/** How the variant of a menu ends in whose markup its logo stands. */
export const WITH_LOGO = ' logo';

/** What of how a menu stands with its logo is a matter of the markup: where in its list the logo is. */
export function withLogoMarkup(stands: WithLogo | null): string {
  if (stands === null) return '';
  return stands === 'around' ? ` between${WITH_LOGO}` : ` first${WITH_LOGO}`;
}

/** What of a type style headings of columns take: the CSS property and the part of the style. */
export const headingParts = [
  ['font-weight', 'weight'],
  ['font-size', 'size'],
  ['text-transform', 'case'],
] as const;
