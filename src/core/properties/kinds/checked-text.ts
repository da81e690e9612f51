import * as v from 'valibot';
import type { Editor, Kind } from './kind';
import { textKind } from './text';

/**
 * One line of text that may be empty, which means what `empty` says; any other has to be in order: `problem` says why one is not, null
 * where it is.
 */
export function checkedTextKind(
  most: number,
  { empty, example }: { empty: string; example: string },
  problem: (text: string) => string | null,
): Kind<string> {
  const kind = textKind(most, `${empty}; such as ${example}`);
  const schema = v.pipe(
    kind.schema as v.GenericSchema<string>,
    v.trim(),
    v.rawCheck(({ dataset, addIssue }) => {
      const found = dataset.typed && dataset.value !== '' ? problem(dataset.value) : null;
      if (found) addIssue({ message: found });
    }),
  );
  return { ...kind, editor: { ...kind.editor, example } as Editor, schema };
}
