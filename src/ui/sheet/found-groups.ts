import type { SheetGroup, SheetRow } from './model';

/** What of a sheet is looked for: rows whose name, or whose group’s, holds a text, and of those such as have a value of their own. */
export interface Looking {
  text: string;
  onlySet: boolean;
}

const isSet = ({ cells }: SheetRow) => cells.some((cell) => cell?.own);

/** The last word of the name of a property, by which the trade knows it: “gap” of `itemGap`, whose row says “Between items”. */
const tradeName = (name: string) => /[A-Za-z][a-z]*$/.exec(name)?.[0].toLowerCase() ?? '';

/** The groups with what is looked for in them; all of a group whose name is it. */
export function foundGroups(groups: readonly SheetGroup[], { text, onlySet }: Looking): SheetGroup[] {
  const wanted = text.trim().toLowerCase();
  const holds = (words: string) => words.toLowerCase().includes(wanted);
  return groups
    .map(({ name, rows }) => ({
      name,
      rows: rows.filter(
        (row) =>
          (!onlySet || isSet(row)) &&
          (holds(name) ||
            holds(row.label) ||
            holds(row.said ?? '') ||
            (wanted.length > 2 && tradeName(row.name).startsWith(wanted))),
      ),
    }))
    .filter(({ rows }) => rows.length > 0);
}
