import { AS_IT_COMES } from '../markup/css';

/** What a declaration says, unless it is so anyway. */
export const unless = (is: boolean, css: string): string => (is ? AS_IT_COMES : css);
