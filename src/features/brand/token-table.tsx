'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import { tokenKindOf } from '@/core/brand/tokens';
import type { Token, TokenFamily } from '@/core/brand/tokens/token-kind';
import type { Id } from '@/core/ids/id';
import { inScheme } from '@/core/site/scheme';
import { usesById } from '@/core/site/uses';
import { TextCell } from '@/ui/table/text-cell';
import { RemoveToken } from './remove-token';
import { tokenName, tokenNamed } from './token-names';
import { TokenSample } from './token-sample';
import styles from './brand.module.css';

/** A name that no token of these has yet. */
function freeName(noun: string, taken: readonly string[]): string {
  const base = noun.charAt(0).toUpperCase() + noun.slice(1);
  let count = 1;
  while (taken.includes(`${base} ${count}`)) count += 1;
  return `${base} ${count}`;
}

interface TokenTableProps {
  family: TokenFamily;
  title: string;
  /** Lists only those that every site has, or only those that were added; without it, all. */
  only?: 'standard' | 'added';
}

/** The tokens of a family, to name, set, add and remove. */
export function TokenTable({ family, title, only }: TokenTableProps) {
  const site = useSite();
  const edit = useEdit();
  const [removing, setRemoving] = useState<Id | null>(null);
  const kind = tokenKindOf(family);
  const all = Object.values(site.brand[family] as Record<Id, Token>);
  const fixed = new Set(kind.standard.map(({ id }) => id));
  const tokens = all.filter(({ id }) => only === undefined || fixed.has(id) === (only === 'standard'));
  const nameOf = tokenName(site);
  const dark = inScheme(site, 'dark');
  const removable = only !== 'standard';
  const keep = (token: Token, part: 'value' | 'dark') => (text: string) => {
    const change = (value: unknown) =>
      edit([{ edit: 'changeToken', family, token: token.id, [part]: value }]);
    // The same in both schemes is what it is where nothing is said.
    if (part === 'dark' && text === '') return change(null);
    const reading = kind.read(text, tokenNamed(site));
    return reading.ok ? change(reading.value) : reading.reason;
  };
  const add = () => {
    const name = freeName(
      kind.noun,
      all.map((token) => token.name),
    );
    edit([{ edit: 'addToken', family, token: { id: newId(), name, value: kind.standard.at(-1)!.value } }]);
  };
  return (
    <div>
      <table className="rows" aria-label={title}>
        <colgroup>
          <col style={{ inlineSize: 40 }} />
          <col style={{ inlineSize: kind.schemes ? '27%' : '34%' }} />
          <col />
          {kind.schemes && <col style={{ inlineSize: '31%' }} />}
          <col style={{ inlineSize: kind.schemes ? 44 : 60 }} />
          {removable && <col style={{ inlineSize: 76 }} />}
        </colgroup>
        <thead>
          <tr>
            <th scope="col">
              <span className="seen-by-readers-only">Look</span>
            </th>
            <th scope="col">Name</th>
            <th scope="col">Value</th>
            {kind.schemes && <th scope="col">In dark</th>}
            <th scope="col">Uses</th>
            {removable && (
              <th scope="col">
                <span className="seen-by-readers-only">Actions</span>
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {tokens.map((token) => (
            <tr key={token.id} id={`part-${token.id}`}>
              <td>
                <TokenSample site={site} family={family} token={token} />
              </td>
              <th scope="row">
                <TextCell
                  label={`Name of ${token.name}`}
                  text={token.name}
                  keep={(name) => edit([{ edit: 'changeToken', family, token: token.id, name }])}
                />
              </th>
              <td className="figures">
                <TextCell
                  label={`Value of ${token.name}`}
                  text={kind.text(token.value, nameOf)}
                  keep={keep(token, 'value')}
                />
              </td>
              {kind.schemes && (
                <td className="figures">
                  <span className={styles.dark}>
                    {token.dark !== undefined && (
                      <TokenSample site={dark} family={family} token={{ ...token, value: token.dark }} />
                    )}
                    <TextCell
                      label={`Value of ${token.name} in dark`}
                      text={token.dark === undefined ? '' : kind.text(token.dark, nameOf)}
                      placeholder="the same"
                      keep={keep(token, 'dark')}
                    />
                  </span>
                </td>
              )}
              <td className="figures quiet">
                {usesById(site, family).get(token.id)?.length ?? (fixed.has(token.id) ? '' : '–')}
              </td>
              {removable && (
                <td className={styles.actions}>
                  {!fixed.has(token.id) && (
                    <button
                      type="button"
                      className="plain"
                      aria-label={`Remove ${token.name}`}
                      onClick={() => setRemoving(token.id)}
                    >
                      Remove…
                    </button>
                  )}
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
      {only !== 'standard' && (
        <Button size="small" className={styles.add} onClick={add}>
          Add {/^[aeiou]/.test(kind.noun) ? 'an' : 'a'} {kind.noun}
        </Button>
      )}
      {removing !== null && site.brand[family][removing] && (
        <RemoveToken family={family} token={removing} onClose={() => setRemoving(null)} />
      )}
    </div>
  );
}
