'use client';

import { Button, Select } from 'antd';
import { useMemo } from 'react';
import { newId } from '@/client/new-id';
import { useAdvances, useEdit, useSite } from '@/client/open-site-context';
import { turned } from '@/core/fit/rule-words';
import type { Edit } from '@/core/edit';
import type { AssemblyPlace } from '@/core/edit/place';
import { foreseenWay } from '@/core/fit/foreseen-way';
import { usually } from '@/core/fit/heights';
import { undoneTurns } from '@/core/fit/undone';
import { inOrderOfEffect } from '@/core/fit/way-down';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Assembly, Bar, Piece } from '@/core/site/assembly';
import type { CollapseRule, RuleWhen } from '@/core/site/collapse-rule';
import { pieceTitle } from '@/core/site/uses';
import { WholeField } from '@/ui/whole-field';
import { ScreenLink } from '@/ui/screen-link';
import { beginningsFor } from './beginnings';
import { ForecastTable } from './forecast-table';
import { RuleHead, type ChangeRule } from './rule-head';
import { offeredChoices, opensSomething, withAmount, withChoices } from './rule-choices';
import styles from './fit.module.css';

interface RulesPanelProps {
  at: AssemblyPlace;
  bar: string;
}

/** The collapse rules of a bar as columns, in the order in which they take effect: what each of its pieces turns to. */
export function RulesPanel({ at, bar: id }: RulesPanelProps) {
  const site = useSite();
  const advances = useAdvances();
  const edit = useEdit();
  const assembly = site[at.in][at.assembly]!;
  const bar = assembly.bars[id]!;
  const way = useMemo(
    () => foreseenWay(usually(site, advances), at.in, assembly),
    [site, advances, at.in, assembly],
  );
  const undone = useMemo(() => undoneTurns(site, at.in, assembly, way), [site, at.in, assembly, way]);
  const rules = inOrderOfEffect(bar.rules ?? [], way.rules);
  const set = (rule: CollapseRule): Edit => ({ edit: 'setRule', at, bar: id, rule });
  const add = (when: RuleWhen) => edit([set({ id: newId(), when, turns: firstTurns(assembly, bar) })]);
  const changing =
    ({ id: changed }: CollapseRule): ChangeRule =>
    (change) =>
      void edit((now) => {
        const rule = now[at.in][at.assembly]?.bars[id]?.rules?.find((each) => each.id === changed);
        return rule ? [set(change(rule))] : [];
      });
  const pieces = bar.bays.flatMap((bay) => bay.pieces).map((piece) => assembly.pieces[piece]!);
  return (
    <section className={styles.rules} aria-label={`Collapse rules of “${bar.name}”`}>
      <p className="quiet">
        What “{bar.name}” does as the room shrinks. Each rule holds from its width down, until a later one or
        a narrower band says otherwise.{' '}
        <ScreenLink href={`/sites/${site.id}/${at.in}/${at.assembly}/fit?bar=${id}`}>
          Room over the width, and what would give it more
        </ScreenLink>
      </p>
      {rules.length > 0 && (
        <div className={styles.columns}>
          <table className="rows">
            <thead>
              <tr>
                <th scope="col">Piece</th>
                {rules.map((rule) => (
                  <th key={rule.id} scope="col">
                    <RuleHead
                      site={site}
                      beginnings={beginningsFor(site, at, id, rule.when.by)}
                      rule={rule}
                      outcome={way.rules.find((each) => each.rule === rule.id) ?? null}
                      undone={undone.filter((each) => each.rule === rule.id)}
                      change={changing(rule)}
                      remove={() => edit([{ edit: 'removeRule', at, bar: id, rule: rule.id }])}
                    />
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {pieces.map((piece) => (
                <tr key={piece.id}>
                  <th scope="row">{pieceTitle(site, piece)}</th>
                  {rules.map((rule, index) => (
                    <td key={rule.id}>
                      <TurnCell
                        label={`${pieceTitle(site, piece)} by rule ${index + 1}`}
                        rule={rule}
                        kind={at.in}
                        piece={piece}
                        change={changing(rule)}
                      />
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <div className={styles.add}>
        {beginningsFor(site, at, id).map(({ by, add: words, first }) => (
          <Button key={by} size="small" onClick={() => add(first(site))}>
            {words}
          </Button>
        ))}
      </div>
      <ForecastTable at={at} bar={id} />
    </section>
  );
}

/** What a new rule turns: the menus of the bar that can become a menu button. */
function firstTurns(assembly: Assembly, bar: Bar): CollapseRule['turns'] {
  return bar.bays
    .flatMap(({ pieces }) => pieces)
    .filter((piece) => opensSomething(assembly.pieces[piece]!))
    .map((piece) => ({ piece, property: 'shownAs', value: 'button' }));
}

interface TurnCellProps {
  label: string;
  rule: CollapseRule;
  kind: AssemblyKind;
  piece: Piece;
  change: ChangeRule;
}

/** What a rule makes of a piece: any of what it can turn to, and how far. */
function TurnCell({ label, rule, kind, piece, change }: TurnCellProps) {
  const site = useSite();
  const chosen = turned(rule, piece);
  const choose = (pick: (ids: readonly string[]) => readonly string[]) =>
    change((now) => withChoices(site, now, piece, pick(turned(now, piece).map(({ choice }) => choice.id))));
  return (
    <>
      <Select
        mode="multiple"
        size="small"
        variant="borderless"
        className={styles.turn}
        aria-label={label}
        placeholder="as it is"
        showSearch={false}
        value={chosen.map(({ choice }) => choice.id)}
        options={offeredChoices(piece, kind, rule).map(({ id, label: text }) => ({ value: id, label: text }))}
        onSelect={(id: string) => choose((ids) => [...ids, id])}
        onDeselect={(id: string) => choose((ids) => ids.filter((each) => each !== id))}
        popupMatchSelectWidth={false}
      />
      {chosen.map(
        ({ choice, turn }) =>
          choice.amount && (
            <label key={choice.id} className={styles.amount}>
              {chosen.length > 1 && `${choice.label}: `}
              {choice.amount.words[0]}{' '}
              <WholeField
                label={`${choice.label}, ${choice.amount.words[0]}`}
                value={turn.value as number}
                least={choice.amount.least}
                most={choice.amount.most}
                keep={(value) => change((now) => withAmount(now, turn, value))}
              />{' '}
              {choice.amount.words[1]}
            </label>
          ),
      )}
    </>
  );
}
