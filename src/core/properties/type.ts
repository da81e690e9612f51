import { rem } from '../lengths/length';
import { choiceKind } from './kinds/choice';
import { lengthKind } from './kinds/length';
import { property, type Property } from './property';

/** Properties of running text: size (px) and weight. */
export function typeProperties(initial: { size: number; weight: 'regular' | 'strong' }): Property[] {
  return [
    property({
      name: 'textSize',
      label: 'Size',
      group: 'Type',
      kind: lengthKind(8, 96),
      banded: true,
      initial: initial.size,
      css: (value) => ({ '&': { 'font-size': rem(value) } }),
    }),
    property({
      name: 'textWeight',
      label: 'Weight',
      group: 'Type',
      kind: choiceKind({ regular: 'regular', strong: 'strong' }),
      banded: true,
      initial: initial.weight,
      css: (value) => ({ '&': { 'font-weight': value === 'strong' ? '600' : '400' } }),
    }),
  ];
}
