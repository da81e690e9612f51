'use client';

import { Button, Select } from 'antd';
import Link from 'next/link';
import { useMemo } from 'react';
import { newId } from '@/client/new-id';
import { useAdvances, useEdit, useSite } from '@/client/open-site-context';
import { turned } from '@/core/fit/rule-words';
import { NARROWEST } from '@/core/bands/band';
import type { Edit } from '@/core/edit';
import type { AssemblyPlace } from '@/core/edit/place';
import { asForeseen } from '@/core/fit/measured-rules';
import { undoneTurns, type Undone } from '@/core/fit/undone';
import type { RuleOutcome } from '@/core/fit/rule-beginnings';
import { inOrderOfEffect, wayDown } from '@/core/fit/way-down';
import { mediaEm } from '@/core/lengths/length';
import { pieceKind } from '@/core/pieces';
import { phaseLabels } from '@/core/properties/phases';
import { assemblyKinds, type AssemblyKind } from '@/core/properties/assembly-kind';
import type { Assembly, Bar, Piece } from '@/core/site/assembly';
import {
  isSolved,
  MARGIN_LIMITS,
  RULE_LIMITS,
  USUAL_MARGIN,
  type CollapseRule,
  type RuleWhen,
} from '@/core/site/collapse-rule';
import { languageName } from '@/core/site/language';
import type { Site } from '@/core/site/site';
import { pieceTitle } from '@/core/site/uses';
import { WholeField } from '@/ui/whole-field';
import { ForecastTable } from './forecast-table';
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
    () => wayDown(site, advances, at.in, asForeseen(assembly)),
    [site, advances, at.in, assembly],
  );
  const undone = useMemo(
    () => undoneTurns(site, at.in, asForeseen(assembly), way),
    [site, at.in, assembly, way],
  );
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
        <Link href={`/sites/${site.id}/${at.in}/${at.assembly}/fit?bar=${id}`}>
          Room over the width, and what would give it more
        </Link>
      </p>
      {rules.length > 0 && (
        <table className="rows">
          <thead>
            <tr>
              <th scope="col">Piece</th>
              {rules.map((rule) => (
                <th key={rule.id} scope="col">
                  <RuleHead
                    site={site}
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
      )}
      <div className={styles.add}>
        <Button size="small" onClick={() => add({ by: 'fit', margin: USUAL_MARGIN })}>
          Add a rule for when it stops fitting
        </Button>
        <Button size="small" onClick={() => add({ by: 'width', below: site.bands[0]!.from || 1024 })}>
          … below a width
        </Button>
        {site.bands.length > 1 && (
          <Button size="small" onClick={() => add({ by: 'band', band: site.bands[1]!.id })}>
            … with a band
          </Button>
        )}
        {bar.bays.length > 2 && (
          <Button size="small" onClick={() => add({ by: 'centre', margin: USUAL_MARGIN })}>
            … where its middle is no longer truly centred
          </Button>
        )}
        <Button size="small" onClick={() => add({ by: 'browser' })}>
          … measured in each visitor’s browser
        </Button>
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

/** Changes a rule as it is at that moment. */
type ChangeRule = (change: (rule: CollapseRule) => CollapseRule) => void;

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

interface RuleHeadProps {
  site: Site;
  rule: CollapseRule;
  outcome: RuleOutcome | null;
  /** What of it is taken back further down. */
  undone: readonly Undone[];
  change: ChangeRule;
  remove(): void;
}

/** When a rule begins, where that turns out to be, and the means to change it. */
function RuleHead({ site, rule, outcome, undone, change, remove }: RuleHeadProps) {
  const { when } = rule;
  const begin = (next: RuleWhen) => change((now) => ({ ...now, when: next }));
  return (
    <div className={styles.head}>
      <b>{outcomeText(outcome, when.by)}</b>
      {outcome !== null && outcome.levels > 1 && <span className="figures">{stepsText(outcome)}</span>}
      {outcome !== null && <span className="quiet">{needsMost(site, outcome)}</span>}
      {undone.map((each) => (
        <span key={each.piece + each.property} className={styles.warning}>
          {undoneText(site, each)}
        </span>
      ))}
      {isSolved(when) && (
        <label>
          {when.by === 'fit' ? 'when it stops fitting' : 'where its middle is no longer truly centred'}, with{' '}
          <WholeField
            label="Room to spare, in px"
            value={when.margin}
            least={MARGIN_LIMITS.least}
            most={MARGIN_LIMITS.most}
            keep={(margin) => begin({ ...when, margin })}
          />{' '}
          px to spare
        </label>
      )}
      {when.by === 'browser' && (
        <span className="quiet">
          foreseen; measured in each visitor’s browser, for texts that change after the hand-over. Without
          scripts it never begins.
        </span>
      )}
      {when.by === 'width' && (
        <label>
          below{' '}
          <WholeField
            label="Below, in px"
            value={when.below}
            least={RULE_LIMITS.least}
            most={RULE_LIMITS.most}
            keep={(below) => begin({ by: 'width', below })}
          />{' '}
          px
        </label>
      )}
      {when.by === 'band' && (
        <label>
          with{' '}
          <Select
            size="small"
            aria-label="With the band"
            value={when.band}
            options={site.bands.slice(1).map(({ id, name }) => ({ value: id, label: name }))}
            onChange={(band) => begin({ by: 'band', band })}
          />
        </label>
      )}
      <button type="button" className="plain quiet" onClick={remove}>
        remove
      </button>
    </div>
  );
}

/** Where a rule begins, or why it never does. */
function outcomeText(outcome: RuleOutcome | null, waits: RuleWhen['by']): string {
  if (outcome === null || outcome.reason === 'unmeasured') return 'being measured…';
  if (outcome.below !== null)
    return outcome.below > NARROWEST
      ? `below ${outcome.below} px`
      : `below ${mediaEm(outcome.below)}: with larger text only`;
  return waits === 'centre'
    ? `never: its middle is truly centred down to ${NARROWEST} px, and with text twice as large`
    : `never: the bar fits down to ${NARROWEST} px, and with text twice as large`;
}

/** What takes back a turn of a rule, in words. */
function undoneText(site: Site, { piece, property, band, below }: Undone): string {
  const assemblies = assemblyKinds.flatMap((kind) => Object.values(site[kind]));
  const found = assemblies.flatMap(({ pieces }) => pieces[piece] ?? [])[0]!;
  const what = pieceKind(found.kind)
    .properties.find(({ name }) => name === property)!
    .label.toLowerCase();
  const by = band === null ? 'a later rule' : `the band ${site.bands.find(({ id }) => id === band)!.name}`;
  return `below ${below} px ${by} takes this back: ${pieceTitle(site, found)}, ${what}`;
}

/** Under what circumstances the bar needs the most. */
function needsMost({ languages }: Site, { language, inStandIn, phase }: RuleOutcome): string {
  const said = [
    ...(language !== null && languages.length > 1 ? [`in ${languageName(language)}`] : []),
    ...(inStandIn ? ['before its fonts have come'] : []),
    ...(phase === 'top' ? [] : [`while ${phaseLabels[phase].toLowerCase()}`]),
  ];
  return said.length === 0 ? '' : `${said.join(', ')}, where it needs the most`;
}

/** Where a rule that goes step by step takes the later ones. */
function stepsText({ further, levels }: RuleOutcome): string {
  const usual = further.filter((width) => width > NARROWEST);
  const larger = further.length - usual.length;
  return [
    ...(usual.length === 0 ? [] : [`further at ${usual.join(', ')} px`]),
    `${usual.length + 1} of ${levels} steps needed`,
    ...(larger === 0 ? [] : [`${larger} more with larger text`]),
  ].join('; ');
}
