'use client';

import { Dropdown } from 'antd';
import { memo, useMemo, useRef, useState } from 'react';
import { useAdvances, useEdit, useSite } from '@/client/open-site-context';
import { foreseenWay } from '@/core/fit/foreseen-way';
import { usually } from '@/core/fit/heights';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { piecesInOrder, type Assembly, type Piece } from '@/core/site/assembly';
import { pieceTitle } from '@/core/site/uses';
import type { Selection } from '../selection';
import {
  choosingForm,
  formChoices,
  shownStages,
  stageRange,
  type FormChoice,
  type ShownStage,
} from './stages';
import styles from '../workbench.module.css';

interface ShowsWhereProps {
  kind: AssemblyKind;
  assembly: Assembly;
  onSelect(selection: Selection): void;
}

/** One table of which piece shows where, stage by stage; a click offers the forms in which it can show there. */
export function ShowsWhere({ kind, assembly, onSelect }: ShowsWhereProps) {
  const site = useSite();
  const edit = useEdit();
  const advances = useAdvances();
  const [open, setOpen] = useState<string | null>(null);
  const stages = useMemo(
    () => shownStages(site, kind, assembly, foreseenWay(usually(site, advances), kind, assembly)),
    [site, advances, kind, assembly],
  );
  const choosing = (piece: Piece, stage: ShownStage) => (form: FormChoice) => {
    const { rule } = stage.shows.get(piece.id)!;
    edit((now) => choosingForm(now, { in: kind, assembly: assembly.id }, piece, stage, rule, form));
  };
  const pieces = piecesInOrder(assembly).map((id) => assembly.pieces[id]!);

  return (
    <section aria-label="Which piece shows where" className={styles.showsWhere}>
      <h2>Which piece shows where</h2>
      {pieces.length === 0 ? (
        <p className="quiet">No piece yet. Put one into a bay of the plan with its plus.</p>
      ) : (
        <div className={styles.stages}>
          <table className="rows">
            <thead>
              <tr>
                <th scope="col">Piece</th>
                {stages.map((stage) => (
                  <th key={stage.from} scope="col">
                    {stage.band.name} <span className="figures">{stageRange(stage)}</span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {pieces.map((piece) => (
                <tr key={piece.id}>
                  <th scope="row">
                    <button
                      type="button"
                      className="plain"
                      onClick={() => onSelect({ on: 'piece', id: piece.id })}
                    >
                      {pieceTitle(site, piece)}
                    </button>
                  </th>
                  {stages.map((stage) => {
                    const { text, own, rule } = stage.shows.get(piece.id)!;
                    const where = rule
                      ? `by rule ${rule.number} of “${assembly.bars[rule.bar]!.name}”`
                      : `on ${stage.band.name} and narrower`;
                    const cell = `${piece.id} ${stage.from}`;
                    return (
                      <td key={stage.from}>
                        <ShowsCell
                          cell={cell}
                          name={`${pieceTitle(site, piece)}, ${stage.band.name} ${stageRange(stage)}`}
                          {...{ text, own, where }}
                          onOpen={setOpen}
                          forms={open === cell ? formChoices(kind, piece) : null}
                          choose={open === cell ? choosing(piece, stage) : undefined}
                        />
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}

interface ShowsCellProps {
  cell: string;
  /** The piece and the stage. */
  name: string;
  text: string;
  own: boolean;
  /** What makes it so, in words. */
  where: string;
  onOpen(cell: string | null): void;
  /** What the piece can show instead, while the cell stands open. */
  forms: readonly FormChoice[] | null;
  choose?: ((form: FormChoice) => void) | undefined;
}

/** What a piece shows in a stage. Only the one that stands open has a list: a table of them all would be drawn anew with every edit. */
const ShowsCell = memo(function ShowsCell({
  cell,
  name,
  text,
  own,
  where,
  onOpen,
  forms,
  choose,
}: ShowsCellProps) {
  const shown = useRef<HTMLButtonElement>(null);
  const close = () => {
    onOpen(null);
    requestAnimationFrame(() => shown.current?.focus());
  };
  const button = (
    <button
      ref={shown}
      type="button"
      className={`plain ${own ? styles.own : styles.following}`}
      aria-haspopup="menu"
      aria-label={`${name}: ${text}`}
      title={`Shown ${where}`}
      onClick={() => onOpen(cell)}
    >
      {text}
    </button>
  );
  if (forms === null) return button;
  const children = forms.map(({ label }) => ({ key: label, label }));
  const pick = (label: string) => {
    choose?.(forms.find((form) => form.label === label)!);
    close();
  };
  return (
    <Dropdown
      open
      autoFocus
      trigger={['click']}
      onOpenChange={(next) => !next && close()}
      menu={{
        items: [{ key: 'where', type: 'group', label: where, children }],
        onClick: ({ key }) => pick(key),
      }}
    >
      {button}
    </Dropdown>
  );
});
