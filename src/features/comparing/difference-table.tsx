'use client';

import { useState } from 'react';
import { Button } from 'antd';
import { areas } from '@/core/comparing/things/thing';
import type { Difference } from '@/core/comparing/differences';
import styles from './comparing.module.css';

/** The most differences of an area that are listed before one asks for more. */
const MOST_LISTED = 60;

const signs = { added: '+', removed: '−', changed: '≠', moved: '↕' } as const;
const words = { added: 'added', removed: 'removed', changed: 'changed', moved: 'in another order' } as const;

/** What differs, in words, area by area. */
export function DifferenceTable({ differences }: { differences: readonly Difference[] }) {
  const [whole, setWhole] = useState(false);
  return (
    <section aria-label="In words">
      <h2>In words</h2>
      <table className={`rows ${styles.differences}`} aria-label="What differs">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Of it</th>
            <th scope="col">Was</th>
            <th scope="col">Is</th>
          </tr>
        </thead>
        {areas.map((area) => {
          const here = differences.filter((each) => each.area === area);
          const listed = whole ? here : here.slice(0, MOST_LISTED);
          return (
            here.length > 0 && (
              <tbody key={area}>
                <tr className={styles.area}>
                  <th scope="rowgroup" colSpan={4}>
                    {area} <span className="figures quiet">{here.length}</span>
                  </th>
                </tr>
                {listed.map(({ path, thing, detail, change, was, is }) => (
                  <tr key={`${path} ${detail} ${change}`}>
                    <th scope="row">
                      <span className={styles.sign} aria-hidden="true">
                        {signs[change]}
                      </span>
                      {thing}
                    </th>
                    <td>{detail ?? words[change]}</td>
                    <td className="quiet">{was}</td>
                    <td>{is}</td>
                  </tr>
                ))}
                {listed.length < here.length && (
                  <tr>
                    <td colSpan={4}>
                      <Button size="small" onClick={() => setWhole(true)}>
                        Show {here.length - listed.length} more
                      </Button>
                    </td>
                  </tr>
                )}
              </tbody>
            )
          );
        })}
      </table>
    </section>
  );
}
