'use client';

import { Segmented } from 'antd';
import { useState } from 'react';
import { useSite } from '@/client/open-site-context';
import { contrastGrade, contrastOn } from '@/core/colour/contrast';
import { schemes, type Scheme } from '@/core/properties/schemes';
import { hasDark, inScheme } from '@/core/site/scheme';
import { seenColour } from '@/core/site/seen-colour';
import styles from './brand.module.css';

/** What a ratio is enough for, as a sign and in words. */
const grades = {
  text: { sign: '●', words: 'any text' },
  large: { sign: '◐', words: 'large text and signs' },
  none: { sign: '○', words: 'neither text nor signs' },
} as const;

/** The contrast of every colour as text on every colour as ground (WCAG 2.2). Translucent ones are seen over the site’s ground. */
export function ContrastTable() {
  const own = useSite();
  const [wanted, setWanted] = useState<Scheme>('light');
  const site = inScheme(own, wanted);
  const colours = Object.values(site.brand.colours).map(({ id, name }) => ({
    id,
    name,
    css: seenColour(site, id),
  }));
  const base = seenColour(site, 'ground');
  return (
    <>
      {hasDark(own) && (
        <Segmented
          size="small"
          aria-label="Scheme of the contrasts"
          value={wanted}
          options={[...schemes]}
          onChange={setWanted}
        />
      )}
      <div className={styles.contrast} tabIndex={0} role="region" aria-label="Contrast of colours">
        <table aria-label="Contrast of colours against each other">
          <thead>
            <tr>
              <th scope="col">Text ↓ on ground →</th>
              {colours.map(({ id, name, css }) => (
                <th key={id} scope="col">
                  <span className={styles.ground}>
                    <span>{name}</span>
                    <span className={styles.swatch} style={{ background: css }} />
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {colours.map((text) => (
              <tr key={text.id}>
                <th scope="row">
                  <span>
                    <span className={styles.swatch} style={{ background: text.css }} />
                    {text.name}
                  </span>
                </th>
                {colours.map((ground) => {
                  if (ground.id === text.id) return <td key={ground.id} />;
                  const ratio = contrastOn(text.css, ground.css, base);
                  const grade = contrastGrade(ratio);
                  return (
                    <td
                      key={ground.id}
                      className={`figures ${styles[grade]}`}
                      title={`${text.name} on ${ground.name}: ${ratio.toFixed(2)} : 1, enough for ${grades[grade].words}`}
                    >
                      {grades[grade].sign} {ratio.toFixed(1)}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="quiet">
        ● 4.5 : 1 and more, any text · ◐ 3 : 1 and more, large text and signs · ○ less. WCAG 2.2, 1.4.3 and
        1.4.11.
      </p>
    </>
  );
}
