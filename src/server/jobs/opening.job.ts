import { openingOf, type OpeningAt } from '@/core/render/opening';
import { openToRead } from '../db/open';
import { measured } from '../text/measured';
import type { OpeningAnswer, OpeningQuestion } from './opening';

const db = openToRead(process.argv[2]!);

async function openingText({ site, revision, opened }: OpeningQuestion): Promise<string> {
  const opening = await measured(db, (advances) => openingOf(site, advances, opened));
  return JSON.stringify({ revision, ...opening } satisfies OpeningAt);
}

process.on('message', (question: OpeningQuestion) => {
  const { number } = question;
  const answer = (told: { text: string } | { failed: string }) =>
    process.send!({ number, ...told } satisfies OpeningAnswer);
  void openingText(question).then(
    (text) => answer({ text }),
    (error: unknown) => answer({ failed: String(error) }),
  );
});
process.on('disconnect', () => process.exit());
