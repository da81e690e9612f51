import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { advance, newHistory, reach, type Owner, type Step } from './history';

const me: Owner = { window: 'me', from: 0 };
const edit = (revision: number, group: string | null = null, window = 'me'): Step => ({
  revision,
  kind: 'edit',
  of: null,
  group,
  window,
});
const back = (revision: number, of: number, window = 'me'): Step => ({
  ...edit(revision, null, window),
  kind: 'undo',
  of,
});
const forth = (revision: number, of: number, window = 'me'): Step => ({
  ...edit(revision, null, window),
  kind: 'redo',
  of,
});

/** The revisions that a window reaches after these steps. */
function reached(steps: readonly Step[], owner = me) {
  const history = newHistory();
  for (const step of steps) advance(history, step, owner);
  const { undo, redo } = reach(history, (gesture) => gesture.every(({ group }) => group === 'idle'));
  return { undo: undo.map(({ revision }) => revision), redo: redo.map(({ revision }) => revision) };
}

test('nothing is reached at the beginning', () => {
  expect(reached([])).toEqual({ undo: [], redo: [] });
});

test('undo reaches the last edit, redo the last one taken back', () => {
  expect(reached([edit(1), edit(2), back(3, 2)])).toEqual({ undo: [1], redo: [2] });
});

test('a gesture that came to nothing goes with the one before it, and is nothing by itself', () => {
  expect(reached([edit(1), edit(2), edit(3, 'idle'), edit(4, 'idle')])).toMatchObject({ undo: [4, 3, 2] });
  expect(reached([edit(1, 'idle'), edit(2, 'idle')])).toMatchObject({ undo: [] });
  const taken = [edit(1), edit(2), edit(3, 'idle'), back(4, 3), back(5, 2)];
  expect(reached(taken)).toEqual({ undo: [1], redo: [2] });
  // What is done again and came to nothing leaves nothing else to be done again.
  expect(reached([...taken, forth(6, 2)])).toEqual({ undo: [2], redo: [] });
});

test('edits of one gesture are reached together, those of the next are not', () => {
  expect(reached([edit(1, 'a'), edit(2, 'b'), edit(3, 'b'), edit(4, 'b')]).undo).toEqual([4, 3, 2]);
});

test('edits without a gesture are never reached together', () => {
  expect(reached([edit(1), edit(2)]).undo).toEqual([2]);
});

test('redo goes forward in the order of the edits', () => {
  expect(reached([edit(1, 'a'), edit(2, 'a'), back(3, 2), back(4, 1)])).toEqual({ undo: [], redo: [1, 2] });
});

test('a new edit leaves nothing to redo', () => {
  expect(reached([edit(1), back(2, 1), edit(3)])).toEqual({ undo: [3], redo: [] });
});

test('nothing is reached across an upgrade', () => {
  expect(reached([edit(1), back(2, 1), { ...edit(3), kind: 'upgrade' }])).toEqual({ undo: [], redo: [] });
});

test('a window reaches its own edits only, and those that were there when it opened', () => {
  const steps = [edit(1, null, 'other'), edit(2), edit(3, null, 'other')];
  expect(reached(steps).undo).toEqual([2]);
  expect(reached(steps, { window: 'third', from: 0 }).undo).toEqual([]);
  expect(reached(steps, { window: 'third', from: 2 }).undo).toEqual([2]);
  expect(reached([...steps, back(4, 3, 'other')])).toEqual({ undo: [2], redo: [] });
});

test('an edit of another window leaves what one has taken back to be done again', () => {
  expect(reached([edit(1), back(2, 1), edit(3, null, 'other')])).toEqual({ undo: [], redo: [1] });
});

test('what another window took back of mine, and did again, is mine again', () => {
  expect(reached([edit(1), back(2, 1, 'other')])).toEqual({ undo: [], redo: [] });
  expect(reached([edit(1), back(2, 1), forth(3, 1, 'other')])).toEqual({ undo: [1], redo: [] });
});

test('undoing all that was done and redoing it all reaches every edit of mine once, in order', () => {
  const edits = fc.array(fc.record({ group: fc.constantFrom('a', 'b', null), mine: fc.boolean() }), {
    minLength: 1,
    maxLength: 20,
  });
  fc.assert(
    fc.property(edits, (all) => {
      const steps = all.map(({ group, mine }, index) => edit(index + 1, group, mine ? 'me' : 'other'));
      const own = steps.filter(({ window }) => window === 'me').map(({ revision }) => revision);
      const walk = (kind: 'undo' | 'redo') => {
        const went: number[] = [];
        for (let next = reached(steps)[kind]; next.length > 0; next = reached(steps)[kind])
          for (const of of next) {
            steps.push((kind === 'undo' ? back : forth)(steps.length + 1, of));
            went.push(of);
          }
        return went;
      };
      expect(walk('undo')).toEqual([...own].reverse());
      expect(walk('redo')).toEqual(own);
    }),
  );
});
