'use client';

import { useEdit, useSite } from '@/client/open-site-context';
import { bandChain } from '@/core/bands/band';
import { pieceKind } from '@/core/pieces';
import type { AssemblyKind } from '@/core/properties/assembly';
import { settledValue, settledValues } from '@/core/resolve/settled-values';
import { pieceTitle } from '@/core/site/uses';
import { piecesInOrder, type Assembly, type Piece } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import type { Selection } from './selection';
import styles from './workbench.module.css';

interface Showing {
  hidden: boolean;
  text: string;
}

/** What a piece shows in a band, in a few words. */
function showingIn(site: Site, piece: Piece, band: string): Showing {
  const kind = pieceKind(piece.kind);
  const values = settledValues(piece.values, kind.properties, bandChain(site.bands), band);
  const hidden = values.shown !== 'shown';
  const instead = values.shown === 'drawer' ? 'in the drawer' : 'hidden';
  return { hidden, text: hidden ? instead : kind.summary(values) };
}

/** Whether a band shows a piece in a way of its own: set there, or other than the next wider band. */
function ownWay(site: Site, piece: Piece, index: number): boolean {
  const chain = bandChain(site.bands);
  const shown = pieceKind(piece.kind).properties.find((property) => property.name === 'shown')!;
  if (settledValue(piece.values, shown, chain, chain[index]!).own || index === 0) return true;
  return showingIn(site, piece, chain[index]!).text !== showingIn(site, piece, chain[index - 1]!).text;
}

interface ShowsWhereProps {
  kind: AssemblyKind;
  assembly: Assembly;
  onSelect(selection: Selection): void;
}

/** One table of which piece shows where; a click hides it in that band or shows it again. */
export function ShowsWhere({ kind, assembly, onSelect }: ShowsWhereProps) {
  const site = useSite();
  const edit = useEdit();
  const pieces = piecesInOrder(assembly).map((id) => assembly.pieces[id]!);
  const toggle = (piece: Piece, band: string, { hidden }: Showing) =>
    edit([
      {
        edit: 'setValue',
        place: { on: 'piece', in: kind, assembly: assembly.id, piece: piece.id },
        property: 'shown',
        cell: band,
        value: hidden ? 'shown' : 'hidden',
      },
    ]);

  return (
    <section aria-label="Which piece shows where" className={styles.showsWhere}>
      <h2>Which piece shows where</h2>
      {pieces.length === 0 ? (
        <p className="quiet">No piece yet. Put one into a bay of the plan with its plus.</p>
      ) : (
        <table className="rows">
          <thead>
            <tr>
              <th scope="col">Piece</th>
              {site.bands.map((band) => (
                <th key={band.id} scope="col">
                  {band.name}
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
                {site.bands.map((band, index) => {
                  const showing = showingIn(site, piece, band.id);
                  const name = `${pieceTitle(site, piece)}, ${band.name}: ${showing.text}`;
                  return (
                    <td key={band.id}>
                      <button
                        type="button"
                        className={`plain ${ownWay(site, piece, index) ? styles.own : styles.following}`}
                        aria-label={name}
                        title={showing.hidden ? `Show on ${band.name}` : `Hide on ${band.name}`}
                        onClick={() => toggle(piece, band.id, showing)}
                      >
                        {showing.text}
                      </button>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
