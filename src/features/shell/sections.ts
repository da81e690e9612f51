/** The screens of an open site, in the order of the rail. */
export const sections = [
  { path: 'pages', label: 'Pages' },
  { path: 'menus', label: 'Menus' },
  { path: 'texts', label: 'Texts' },
  { path: 'headers', label: 'Headers' },
  { path: 'drawers', label: 'Drawers' },
  { path: 'footers', label: 'Footers' },
  { path: 'brand', label: 'Brand' },
  { path: 'placing', label: 'Placing' },
  { path: 'checks', label: 'Checks' },
  { path: 'points', label: 'Saved points' },
  { path: 'release', label: 'Release' },
] as const;

export type SectionPath = (typeof sections)[number]['path'];
