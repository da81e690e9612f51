import { Select } from 'antd';
import { NARROWEST } from '@/core/bands/band';
import type { RuleOutcome } from '@/core/fit/rule-beginnings';
import type { Undone } from '@/core/fit/undone';
import { mediaEm } from '@/core/lengths/length';
import { pieceKind } from '@/core/pieces';
import { assemblyKinds } from '@/core/properties/assembly-kind';
import { phaseLabels } from '@/core/properties/phases';
import {
  isSolved,
  MARGIN_LIMITS,
  RULE_LIMITS,
  type CollapseRule,
  type RuleWhen,
} from '@/core/site/collapse-rule';
import { languageName } from '@/core/site/language';
import type { Site } from '@/core/site/site';
import { pieceTitle } from '@/core/site/uses';
import { WholeField } from '@/ui/whole-field';
import { beginsBy, type BeginsBy } from './beginnings';
import styles from './fit.module.css';

/** Changes a rule as it is at that moment. */
export type ChangeRule = (change: (rule: CollapseRule) => CollapseRule) => void;

interface RuleHeadProps {
  site: Site;
  /** The ways in which it can begin. */
  beginnings: readonly BeginsBy[];
  rule: CollapseRule;
  outcome: RuleOutcome | null;
  /** What of it is taken back further down. */
  undone: readonly Undone[];
  change: ChangeRule;
  remove(): void;
}

/** When a rule begins, where that turns out to be, and the means to change it. */
export function RuleHead({ site, beginnings, rule, outcome, undone, change, remove }: RuleHeadProps) {
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
      <Select
        size="small"
        variant="borderless"
        className={styles.begins}
        aria-label="It begins"
        value={when.by}
        options={beginnings.map(({ by, label }) => ({ value: by, label }))}
        onChange={(by) =>
          change((now) => ({
            ...now,
            when: beginsBy(
              beginnings.find((each) => each.by === by)!,
              site,
              now.when,
            ),
          }))
        }
        popupMatchSelectWidth={false}
      />
      {isSolved(when) && (
        <label>
          with{' '}
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
          as foreseen: it holds at every width at which the bar does not fit there, whatever its texts have
          become. Without scripts it never begins.
        </span>
      )}
      {when.by === 'width' && (
        <label>
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
        <Select
          size="small"
          aria-label="With the band"
          value={when.band}
          options={site.bands.slice(1).map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(band) => begin({ by: 'band', band })}
        />
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
