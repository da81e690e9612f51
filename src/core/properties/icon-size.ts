import { AS_IT_COMES } from '../markup/css';
import { layoutCss } from '../boxes/layout';
import { signLayout } from '../boxes/sign';
import { lengthKind } from './kinds/length';
import { optionalKind } from './kinds/optional';
import { property } from './property';

/** The size of the icons of a piece; where nothing is said, that of the text beside them. */
export const iconSize = property({
  name: 'iconSize',
  label: 'Size of icons',
  group: 'Space',
  kind: optionalKind(lengthKind(8, 96), 'with the text'),
  by: 'width',
  initial: null,
  css: (value) => {
    const { inlineSize, blockSize } = signLayout(value);
    return {
      '& .icon':
        value === null
          ? { 'inline-size': AS_IT_COMES, 'block-size': AS_IT_COMES }
          : layoutCss({ inlineSize, blockSize }),
    };
  },
});
