'use client';

import { useCallback } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import { ReadingDialog } from '../reading/reading-dialog';

const example = `{
  "colour": {
    "$type": "color",
    "Ink": { "$value": { "colorSpace": "srgb", "components": [0.1, 0.15, 0.2] } }
  }
}`;

const formats = [{ id: 'tokens', name: 'design tokens', looksLike: () => true }];

/** A dialog that reads a design tokens file, shows what it would add or change, and takes it in. */
export function ReadTokens({ onClose }: { onClose(): void }) {
  const site = useSite();
  const edit = useEdit();
  const ask = useCallback((_: string, text: string) => ({ read: 'tokens' as const, text, site }), [site]);
  return (
    <ReadingDialog
      title="Read design tokens"
      prompt="Paste a file of design tokens in the community group’s JSON format. What has the name of something in the brand changes it; the rest is added."
      placeholder={example}
      accept=".json,.tokens,application/json"
      openLabel="Open a file…"
      formats={formats}
      ask={ask}
      describe={({ noun, name, change }) => ({ depth: 0, label: name, detail: `${noun}, ${change}` })}
      nouns={['token', 'tokens']}
      onAdd={(found) => {
        const edits = found.flatMap((each) => each.edits);
        return edits.length === 0 ? null : edit(edits, null, 'Before reading brand values');
      }}
      onClose={onClose}
    />
  );
}
