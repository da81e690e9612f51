/** The three kinds of assembly: each is bars on top of each other, and its collection in the document has this name. */
export const assemblyKinds = ['headers', 'drawers', 'footers'] as const;
export type AssemblyKind = (typeof assemblyKinds)[number];

/** One assembly in the words of the interface. */
export const assemblyNouns: Record<AssemblyKind, string> = {
  headers: 'header',
  drawers: 'drawer',
  footers: 'footer',
};
