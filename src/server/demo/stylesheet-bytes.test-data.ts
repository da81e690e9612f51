/** The most that the stylesheet of each demo site, and of the demo with each starter alone, may come to: bytes before compression. */
export const stylesheetBytes: Record<string, number> = {
  'hollin-sound': 31184,
  'orrery-house': 16489,
  'plain-row': 23078,
  'centred-links': 23589,
  'split-menu': 23268,
  'two-rows': 25175,
  'centred-stack': 23483,
  'app-bar': 24495,
  shop: 29147,
  'equal-cells': 25371,
  notice: 26235,
  publication: 26117,
  'two-menus': 24057,
  'split-by-lines': 27467,
  'side-turned': 25374,
  'side-panel': 26732,
};
