import type { Id } from '../ids/id';
import type { Assembly } from './assembly';

/** The bar of an assembly that holds the most pieces, the first of several: what one most likely came for. */
export function fullestBar({ order, bars }: Pick<Assembly, 'order' | 'bars'>): Id {
  const held = (id: Id) => bars[id]!.bays.reduce((sum, { pieces }) => sum + pieces.length, 0);
  return order.reduce((most, id) => (held(id) > held(most) ? id : most));
}
