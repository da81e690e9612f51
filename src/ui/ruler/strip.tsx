import type { RulerStretch } from './model';
import { stretchStyle, type RulerScale } from './scale';
import styles from './ruler.module.css';

interface StripProps {
  scale: RulerScale;
  stretches: readonly Omit<RulerStretch, 'text'>[];
  /** What it shows, for those who do not see it. */
  label: string;
}

/** How things stand at every width, as a strip by itself. */
export function Strip({ scale, stretches, label }: StripProps) {
  return (
    <span className={`${styles.strip} ${styles.ownStrip}`} role="img" aria-label={label} title={label}>
      {stretches.map(({ from, to, status }) => (
        <span key={from} className={styles[status]} style={stretchStyle({ from, to }, scale)} />
      ))}
    </span>
  );
}
