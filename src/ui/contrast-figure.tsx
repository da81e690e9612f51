import { contrastGrade } from '@/core/colour/contrast';
import styles from './contrast-figure.module.css';

/** What a ratio is enough for, as a sign and in words. */
const grades = {
  text: { sign: '●', words: 'enough for any text' },
  large: { sign: '◐', words: 'enough for large text only' },
  none: { sign: '○', words: 'too little to be read' },
} as const;

/** A contrast ratio with a sign of what it is enough for. */
export function ContrastFigure({ ratio }: { ratio: number }) {
  const grade = contrastGrade(ratio);
  const { sign, words } = grades[grade];
  return (
    <span
      className={`figures ${grade === 'none' ? styles.illegible : ''}`}
      title={`Contrast ${ratio.toFixed(2)} : 1, ${words}`}
    >
      {sign} {ratio.toFixed(1)}
    </span>
  );
}
