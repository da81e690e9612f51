import type { FontMetrics } from '@/core/text/advances';
import type { FontSource } from '@/core/text/font-source';

/** What the text worker is asked: texts by the font that sets them, with the address of its plain bytes; without any, that it makes itself ready. */
export interface TextQuestion {
  number: number;
  fonts: { source: FontSource; address: string; texts: string[] }[];
}

/** Its answer: the advances in em in the same order; null for a font that could not be had. */
export interface TextAnswer {
  number: number;
  advances: (number[] | null)[];
  /** How far each font reaches above and below its baseline. */
  metrics: (FontMetrics | null)[];
}
