import { sameData } from '../ids/same-data';
import { saidOfBoxes, type Box } from './box';

/** Whether something is in a box, or in one of those in it, that takes no room. */
const hides = ({ layout, of }: Box): boolean => (layout.display === 'none' ? of.length > 0 : of.some(hides));

/** A box without what is in those of its boxes that take no room: whatever that says, nothing stands elsewhere for it. */
export function asShown(whole: Box): Box {
  if (!hides(whole)) return whole;
  return { ...whole, of: whole.layout.display === 'none' ? [] : whole.of.map(asShown) };
}

/** Whether two boxes say the same themselves, whatever is in them. */
const sayTheSame = (one: Box, other: Box) => saidOfBoxes.every((name) => sameData(one[name], other[name]));

/**
 * Boxes that were made anew, with those of before in the places of all that say the very same in the very same surroundings: what is kept
 * of these still holds.
 */
export function sharedBoxes(before: Box, made: Box): Box {
  if (!sayTheSame(before, made)) return made;
  const of = made.of.map((each, index) => {
    const same = each.id === undefined ? before.of[index] : before.of.find(({ id }) => id === each.id);
    return same ? sharedBoxes(same, each) : each;
  });
  const all = of.length === before.of.length && of.every((each, index) => each === before.of[index]);
  return all ? before : { ...made, of };
}
