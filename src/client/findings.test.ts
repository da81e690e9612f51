import { expect, test } from '@jest/globals';
import { sampleSite } from '@/core/site/sample.test-data';
import type { ChecksAnswer, ChecksQuestion } from '@/workers/checks-messages';
import { siteChecks } from './findings';

type Answer = { findings: []; moved: null } | { failed: string };

/** A worker that answers when it is told to. */
function slowWorker() {
  const asked: { question: ChecksQuestion; answered: (answer: ChecksAnswer) => void }[] = [];
  const checks = siteChecks((question, answered) => asked.push({ question, answered }));
  const answer = (index: number, found: Answer = { findings: [], moved: null }) =>
    asked[index]!.answered({ number: asked[index]!.question.number, ...found });
  return { asked, answer, checks };
}

test('of the states that come while one is looked at, only the newest is looked at after it', () => {
  const { asked, answer, checks } = slowWorker();
  const site = sampleSite();
  checks.look(site);
  for (const name of ['One', 'Two', 'Three']) checks.look({ ...site, name });
  expect(asked).toHaveLength(1);
  answer(0);
  expect(asked).toHaveLength(2);
  expect(asked[1]!.question.change.set).toEqual({ name: 'Three' });
  answer(1);
  expect(checks.found()?.site.name).toBe('Three');
});

test('a state that was looked at is not looked at again, and who listens hears of each answer', () => {
  const { asked, answer, checks } = slowWorker();
  const site = sampleSite();
  let heard = 0;
  const stop = checks.subscribe(() => (heard += 1));
  checks.look(site);
  answer(0);
  checks.look(site);
  expect([asked.length, heard]).toEqual([1, 1]);
  stop();
  checks.look({ ...site });
  answer(1);
  expect(heard).toBe(1);
});

test('what could not be looked at is said, with what was found before, and can be looked at again', () => {
  const { asked, answer, checks } = slowWorker();
  const site = sampleSite();
  checks.look(site);
  answer(0);
  const other = { ...site, name: 'Other' };
  checks.look(other);
  answer(1, { failed: 'no fonts' });
  expect(checks.found()).toEqual({ site: other, all: [], moved: null, failed: 'no fonts' });
  checks.look(other);
  expect(asked).toHaveLength(2);
  checks.look(other, true);
  answer(2);
  expect(checks.found()?.failed).toBeNull();
});

test('who comes back to the state that is looked at waits for that alone', () => {
  const { asked, answer, checks } = slowWorker();
  const site = sampleSite();
  checks.look(site);
  checks.look({ ...site, name: 'Other' });
  checks.look(site);
  answer(0);
  expect(asked).toHaveLength(1);
  expect(checks.found()?.site).toBe(site);
});

test('where a site is edited before it is first looked over, it goes with how it was opened', () => {
  const { asked, answer, checks } = slowWorker();
  const site = sampleSite();
  checks.opens(site);
  const edited = { ...site, name: 'Other' };
  checks.opens(edited);
  checks.look(edited);
  expect(asked[0]!.question.opened).toBe(site);
  answer(0);
  checks.look({ ...edited, name: 'Third' });
  expect(asked[1]!.question.opened).toBeUndefined();
});
