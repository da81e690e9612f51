import type { Link } from '../properties/link';
import type { Property } from '../properties/property';
import { partName } from '../site/parts';
import type { Site } from '../site/site';
import { linkWords } from './link-words';

/** A value in words, with the names of what it points at. */
export function valueText(site: Site, { kind }: Property, value: unknown): string {
  const { editor } = kind;
  if (editor.as === 'link') return linkWords(site, value as Link);
  if (value === null && editor.open !== undefined) return editor.open;
  if (editor.as === 'reference') return partName(site, editor.to, value as string) ?? 'gone';
  if (editor.as === 'colour' && value !== 'none') return partName(site, 'colours', value as string) ?? 'gone';
  if (editor.as === 'family') return partName(site, 'fonts', value as string) ?? kind.text(value);
  const text = kind.text(value);
  return text === '' ? (editor.as === 'text' && editor.placeholder) || '–' : text;
}
