import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { reach, type Step } from './history';

const edit = (revision: number, group: string | null = null): Step => ({
  revision,
  kind: 'edit',
  of: null,
  group,
});

test('nothing is reached at the beginning', () => {
  expect(reach([])).toEqual({ undo: [], redo: [] });
});

test('undo reaches the last edit, redo the last one taken back', () => {
  const steps: Step[] = [edit(1), edit(2), { revision: 3, kind: 'undo', of: 2, group: null }];
  expect(reach(steps)).toEqual({ undo: [1], redo: [2] });
});

test('edits of one gesture are reached together, those of the next are not', () => {
  const steps = [edit(1, 'a'), edit(2, 'b'), edit(3, 'b'), edit(4, 'b')];
  expect(reach(steps).undo).toEqual([4, 3, 2]);
});

test('edits without a gesture are never reached together', () => {
  expect(reach([edit(1), edit(2)]).undo).toEqual([2]);
});

test('redo goes forward in the order of the edits', () => {
  const steps: Step[] = [
    edit(1, 'a'),
    edit(2, 'a'),
    { revision: 3, kind: 'undo', of: 2, group: 'a' },
    { revision: 4, kind: 'undo', of: 1, group: 'a' },
  ];
  expect(reach(steps)).toEqual({ undo: [], redo: [1, 2] });
});

test('a new edit leaves nothing to redo', () => {
  const steps: Step[] = [edit(1), { revision: 2, kind: 'undo', of: 1, group: null }, edit(3)];
  expect(reach(steps)).toEqual({ undo: [3], redo: [] });
});

test('a history that contradicts itself is a mistake of the caller', () => {
  expect(() => reach([edit(1), { revision: 2, kind: 'undo', of: 7, group: null }])).toThrow('Revision 2');
});

test('undoing all that was done and redoing it all reaches every edit once, in order', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom('a', 'b', null), { minLength: 1, maxLength: 20 }), (groups) => {
      const steps = groups.map((group, index) => edit(index + 1, group));
      const undone: number[] = [];
      const walk = (kind: 'undo' | 'redo', into: number[]) => {
        for (let next = reach(steps)[kind]; next.length > 0; next = reach(steps)[kind]) {
          for (const of of next) {
            steps.push({ revision: steps.length + 1, kind, of, group: null });
            into.push(of);
          }
        }
      };
      walk('undo', undone);
      const redone: number[] = [];
      walk('redo', redone);
      expect(redone).toEqual(groups.map((_, index) => index + 1));
      expect(undone).toEqual([...redone].reverse());
    }),
  );
});
