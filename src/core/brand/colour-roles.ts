/** What the brand's colours are for. A role is also the name of its custom property: `--ground`. */
export const colourRoleLabels = {
  ground: 'Ground',
  soft: 'Soft ground',
  deep: 'Deep ground',
  ink: 'Ink',
  muted: 'Muted ink',
  'on-deep': 'Ink on deep',
  accent: 'Accent',
  'on-accent': 'Ink on accent',
  line: 'Line',
} as const;

export type ColourRole = keyof typeof colourRoleLabels;
export const colourRoles = Object.keys(colourRoleLabels) as ColourRole[];

/** CSS for a colour by role. */
export function roleCss(role: ColourRole | 'none', none: string): string {
  return role === 'none' ? none : `var(--${role})`;
}
