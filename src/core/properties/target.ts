import { plainNumber } from '../lengths/length';

/** How large at least what is touched has to be, in CSS px (WCAG 2.2, 2.5.5 Target Size (Enhanced)). */
export const TARGET = 44;

/** What is said of a least size that is less than a finger needs; null where it is not. */
export const smallTarget = (least: unknown): string | null =>
  typeof least === 'number' && least < TARGET
    ? `${plainNumber(TARGET - least)} px less than a finger needs`
    : null;
