import { expect, test } from '@jest/globals';
import { wayDown } from '@/core/fit/way-down';
import { sampleSite } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import { nothingMeasured } from '@/core/text/measuring';
import type { FitAnswer, FitAnswers, FitQuestion } from '@/workers/fit-messages';
import { fitSurveys } from './fit-survey';
import { advancesStore } from './text-advances';

const place = { kind: 'headers', assembly: 'h' } as const;
const wish = { what: 'survey' } as const;
const ahead = { what: 'forecast', bar: 'b' } as const;
const survey = { bars: [], rules: [], complete: true, lacking: [] };

/** Of a site that was open before. */
const texts = advancesStore('s', () => {}, { recall: nothingMeasured, keep: () => {} });
texts.recall();
const known = (site: Site) => ({ site, texts });

/** Surveys whose questions are answered by hand. */
function byHand() {
  const asked: { question: FitQuestion; answer(found?: Partial<FitAnswers>): void }[] = [];
  const ask = fitSurveys((question, answered: (answer: FitAnswer) => void) =>
    asked.push({
      question,
      answer: (found = { survey }) =>
        answered({ number: question.number, ...found, texts: nothingMeasured(), way: null }),
    }),
  );
  return { asked, ask };
}

test('the first question brings the whole document, the next one what changed', () => {
  const { asked, ask } = byHand();
  const site = sampleSite();
  ask(known(site), place, wish, () => {});
  expect(asked[0]!.question.change.set).toMatchObject({ name: 'Tern Point' });
  asked[0]!.answer();
  ask(known({ ...site, name: 'Other' }), place, wish, () => {});
  expect(asked[1]!.question.change).toEqual({ set: { name: 'Other' }, inside: {}, gone: [] });
});

test('where rules begin is told as views have solved it; before they are drawn it is not solved for the question', () => {
  const { asked, ask } = byHand();
  const site = sampleSite();
  ask(known(site), place, wish, () => {});
  expect(asked[0]!.question.way).toBeNull();
  asked[0]!.answer();
  const drawn = { ...site, name: 'Other' };
  const way = wayDown(drawn, texts.getState().advances, 'headers', drawn.headers.h!);
  ask(known(drawn), place, wish, () => {});
  expect(asked[1]!.question.way).toBe(way);
});

test('while one is worked out, only the newest survey and the newest forecast wait, the survey first', () => {
  const { asked, ask } = byHand();
  const site = sampleSite();
  const answers: string[] = [];
  const named = (name: string) => ({ ...site, name });
  ask(known(named('a')), place, wish, () => answers.push('a'));
  ask(known(named('b')), place, ahead, () => answers.push('forecast b'));
  ask(known(named('c')), place, ahead, () => answers.push('forecast c'));
  ask(known(named('d')), place, wish, () => answers.push('d'));
  ask(known(named('e')), place, wish, () => answers.push('e'));
  expect(asked).toHaveLength(1);
  for (let index = 0; index < 3; index += 1) asked[index]!.answer();
  expect(answers).toEqual(['a', 'e', 'forecast c']);
  expect(asked).toHaveLength(3);
});
