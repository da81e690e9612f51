/** Each phase but the top with the one that it follows, and with the selector of a header in it; that of a later one is more specific. */
export const laterPhases = [
  { phase: 'scrolled', after: 'top', selector: ":not([data-phase='top'])" },
  { phase: 'returning', after: 'scrolled', selector: "[data-phase='returning'][data-phase]" },
] as const;
