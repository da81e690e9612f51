/** The most that the stylesheet of each demo site, and of the demo with each starter alone, may come to: bytes before compression. */
export const stylesheetBytes: Record<string, number> = {
  'hollin-sound': 31360,
  'orrery-house': 16646,
  'plain-row': 23319,
  'centred-links': 23830,
  'split-menu': 23509,
  'two-rows': 25437,
  'centred-stack': 23724,
  'app-bar': 24718,
  shop: 29317,
  'equal-cells': 25619,
  notice: 26331,
  publication: 26399,
  'two-menus': 24298,
  'split-by-lines': 27605,
  'side-turned': 25545,
  'side-panel': 26924,
};
