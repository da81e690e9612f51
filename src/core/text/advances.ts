import type { FontSource } from './font-source';

/** How far a font reaches above its baseline and below it, and what it leaves between lines; in em. */
export interface FontMetrics {
  ascent: number;
  descent: number;
  gap: number;
}

/** What is taken as long as a font has not been measured, or where it says nothing. */
export const usualMetrics: FontMetrics = { ascent: 0.95, descent: 0.25, gap: 0 };

/** Advances that come after each other: each knows what those before it knew, and more of it. */
export interface Lineage {
  /** How often any of them was asked for what it did not know. */
  missed: number;
}

/** What is known of how wide fonts set texts; the same object always gives the same answers, also that something is not known. */
export interface Advances {
  /** Those before it and after it; left out where there are none. */
  readonly lineage?: Lineage;
  /** The advance of a text in em, as the font shapes it, kerning included; null for one that was not measured yet. */
  of(source: FontSource, text: string): number | null;
  /** Whether a font has no glyph for a character; null as long as it is not known. */
  lacks?(source: FontSource, character: string): boolean | null;
  /** How far a font reaches above and below its baseline; null as long as it is not known. */
  metrics?(source: FontSource): FontMetrics | null;
}

/** Nothing is known. */
export const unmeasured: Advances = { of: () => null };

/** A text under one key. */
export function textKey({ from, name, weight, features, language }: FontSource, text: string): string {
  return `${from} ${name} ${weight ?? ''} ${language} ${features ?? ''}\n${text}`;
}
