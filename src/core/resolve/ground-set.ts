import { contrastOn, layered, over, rgbCss, srgb, type Srgb } from '../colour/contrast';
import { hexOf } from '../colour/read-colour';
import type { Id } from '../ids/id';
import { seenColour } from '../site/seen-colour';
import type { Site } from '../site/site';

/** The least contrast ratios of texts, and of lines that tell where a control is (WCAG 2.2, 1.4.3 and 1.4.11). */
const TEXT = 4.5;
const CONTROL = 3;

/** The colours of the brand by their parts, which follow a ground. */
export const groundParts = ['ground', 'ink', 'muted', 'line', 'accent', 'on-accent'] as const;
type GroundPart = (typeof groundParts)[number];

/** What of a bar’s values says what is behind the things in it. */
interface GroundValues {
  ground: Id | 'none';
  shade: number;
  set: boolean;
}
const groundOf = (values: Record<string, unknown>) => values as unknown as GroundValues;

/** Black or white that lies over a ground: a share of black below zero, of white above, in per cent. */
const shadeColour = (shade: number): Srgb => {
  const channel = shade < 0 ? 0 : 1;
  return { r: channel, g: channel, b: channel, alpha: Math.abs(shade) / 100 };
};

/** What a bar lays over whatever is behind it: its ground, and the tint over that; null for nothing. Translucent where they are. */
export function barLayer(site: Site, values: Record<string, unknown>): Srgb | null {
  const { ground, shade } = groundOf(values);
  const own = ground === 'none' ? null : srgb(seenColour(site, ground));
  if (shade === 0) return own;
  return own === null ? shadeColour(shade) : layered(shadeColour(shade), own);
}

/** The ground of a bar as it is seen, opaque: what it lays over the ground of the page; hexadecimal. */
export function barGround(site: Site, values: Record<string, unknown>): string {
  const page = over(srgb(seenColour(site, 'ground')), srgb('#fff'));
  const layer = barLayer(site, values);
  return hexOf(rgbCss(layer === null ? page : over(layer, page)));
}

/** The first of some colours that stands out enough; null where none does. */
const firstOn = (ground: string, colours: readonly string[], least: number): string | null =>
  colours.find((colour) => contrastOn(colour, ground) >= least) ?? null;

/** As little of an ink over a ground as stands out enough: in steps of a twentieth. */
function mixed(ink: string, ground: string, from: number, least: number): string {
  for (let share = from; share < 1; share += 0.05) {
    const colour = hexOf(rgbCss(over({ ...srgb(ink), alpha: share }, srgb(ground))));
    if (contrastOn(colour, ground) >= least) return colour;
  }
  return ink;
}

/** The colours of texts, links, lines, fields and buttons that are legible on an opaque ground: the brand’s where they are, else worked out. */
function setOn(site: Site, ground: string): Record<GroundPart, string> {
  const seen = (id: Id) => seenColour(site, id);
  const ink = firstOn(ground, [seen('ink'), seen('on-deep'), '#ffffff', '#000000'], TEXT)!;
  const accent =
    firstOn(ground, [seen('accent')], CONTROL) !== null &&
    contrastOn(seen('on-accent'), seen('accent')) >= TEXT
      ? { accent: seen('accent'), 'on-accent': seen('on-accent') }
      : { accent: ink, 'on-accent': ground };
  return {
    ground,
    ink,
    muted: firstOn(ground, [seen('muted')], TEXT) ?? mixed(ink, ground, 0.6, TEXT),
    line: firstOn(ground, [seen('line')], CONTROL) ?? mixed(ink, ground, 0.2, CONTROL),
    ...accent,
  };
}

/** What parts of the brand are in a bar whose colours follow its ground; empty for any other bar. */
export function groundSet(site: Site, values: Record<string, unknown>): Partial<Record<Id, string>> {
  const { ground, set } = groundOf(values);
  if (!set || ground === 'none') return {};
  return setOn(site, barGround(site, values));
}

/** The CSS of a colour of the brand as it is seen in a bar. */
export const seenInBar = (site: Site, values: Record<string, unknown>, id: Id): string =>
  groundSet(site, values)[id] ?? seenColour(site, id);

/** Whether artwork for dark grounds stands on a bar: what stands there follows its ground, as it all does in the dark scheme, and that is dark. */
export function followsDark(site: Site, values: Record<string, unknown>): boolean {
  const { ground, set } = groundOf(values);
  const follows = site.brand.scheme === 'dark' || (set && ground !== 'none');
  if (!follows) return false;
  const seen = barGround(site, values);
  return contrastOn('#ffffff', seen) > contrastOn('#000000', seen);
}
