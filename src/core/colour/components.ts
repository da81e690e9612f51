import { formatCss, formatHex, parse, type Color } from 'culori';

/** A colour as design tokens write it (Color Module 2025.10): a space, its components, an alpha, and a hexadecimal to fall back on. */
export interface ColourComponents {
  colorSpace: string;
  components: (number | 'none')[];
  alpha?: number;
  hex?: string;
}

/** The spaces that both sides know: the name in design tokens, the mode of the colour library, its channels, and what a channel is divided by there. */
const spaces = [
  { name: 'srgb', mode: 'rgb', channels: ['r', 'g', 'b'], scale: [1, 1, 1] },
  { name: 'srgb-linear', mode: 'lrgb', channels: ['r', 'g', 'b'], scale: [1, 1, 1] },
  { name: 'display-p3', mode: 'p3', channels: ['r', 'g', 'b'], scale: [1, 1, 1] },
  { name: 'a98-rgb', mode: 'a98', channels: ['r', 'g', 'b'], scale: [1, 1, 1] },
  { name: 'prophoto-rgb', mode: 'prophoto', channels: ['r', 'g', 'b'], scale: [1, 1, 1] },
  { name: 'rec2020', mode: 'rec2020', channels: ['r', 'g', 'b'], scale: [1, 1, 1] },
  { name: 'hsl', mode: 'hsl', channels: ['h', 's', 'l'], scale: [1, 100, 100] },
  { name: 'hwb', mode: 'hwb', channels: ['h', 'w', 'b'], scale: [1, 100, 100] },
  { name: 'lab', mode: 'lab', channels: ['l', 'a', 'b'], scale: [1, 1, 1] },
  { name: 'lch', mode: 'lch', channels: ['l', 'c', 'h'], scale: [1, 1, 1] },
  { name: 'oklab', mode: 'oklab', channels: ['l', 'a', 'b'], scale: [1, 1, 1] },
  { name: 'oklch', mode: 'oklch', channels: ['l', 'c', 'h'], scale: [1, 1, 1] },
] as const;

const rounded = (value: number) => Number(value.toFixed(5));

/** A CSS colour as components; null when it is in a space that design tokens do not know. */
export function colourComponents(css: string): ColourComponents | null {
  const colour = parse(css) as (Color & Record<string, number | undefined>) | undefined;
  const space = spaces.find(({ mode }) => mode === colour?.mode);
  if (!colour || !space) return null;
  const components = space.channels.map((channel, index) => {
    const value = colour[channel];
    return value === undefined ? 'none' : rounded(value * space.scale[index]!);
  });
  const alpha = colour.alpha === undefined ? {} : { alpha: rounded(colour.alpha) };
  return { colorSpace: space.name, components, ...alpha, hex: formatHex(colour) };
}

/** A CSS colour from components, or from a text as older files have it; null when they are none. */
export function componentsCss(value: unknown): string | null {
  if (typeof value === 'string') return parse(value) === undefined ? null : value;
  const { colorSpace, components, alpha } = (value ?? {}) as Partial<ColourComponents>;
  const space = spaces.find(({ name }) => name === colorSpace);
  if (!space || !Array.isArray(components) || components.length !== 3) return null;
  const channels = components.map((each, index) =>
    typeof each === 'number' && Number.isFinite(each) ? each / space.scale[index]! : undefined,
  );
  const colour = {
    mode: space.mode,
    ...Object.fromEntries(space.channels.map((channel, index) => [channel, channels[index] ?? 0])),
    ...(typeof alpha === 'number' && alpha < 1 ? { alpha } : {}),
  } as unknown as Color;
  if (space.mode !== 'rgb') return formatCss(colour) ?? null;
  if (!('alpha' in colour)) return formatHex(colour) ?? null;
  // A hexadecimal would round the alpha.
  return `rgb(${channels.map((each) => rounded((each ?? 0) * 255)).join(' ')} / ${alpha})`;
}
