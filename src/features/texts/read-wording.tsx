import { useCallback } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import { languageName } from '@/core/site/language';
import { ReadingDialog } from '../reading/reading-dialog';

const formats = [{ id: 'csv', name: 'CSV', looksLike: () => true }];

/** A dialog that reads translated texts, shows what they would change, and takes them in. */
export function ReadWording({ onClose }: { onClose(): void }) {
  const site = useSite();
  const edit = useEdit();
  const ask = useCallback((_: string, text: string) => ({ read: 'wording' as const, text, site }), [site]);
  return (
    <ReadingDialog
      title="Read texts"
      prompt="Paste the CSV that was written out here, with its texts translated. A text is known again by its key; an empty cell takes back what was said in that language."
      placeholder={`key,of,text,${site.languages.join(',')}`}
      accept=".csv,text/csv"
      openLabel="Open a file…"
      formats={formats}
      ask={ask}
      describe={({ of, language, text }) => ({
        depth: 0,
        label: `${of}, ${languageName(language)}`,
        detail: text === '' ? 'taken back' : text,
      })}
      nouns={['text', 'texts']}
      verb="Change"
      onAdd={(found) =>
        edit(
          found.map((each) => each.edit),
          null,
          'Before reading texts',
        )
      }
      onClose={onClose}
    />
  );
}
