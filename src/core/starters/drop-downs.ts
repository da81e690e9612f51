import type { Said } from '../site/compose';

/** A ready-made form of drop-downs: values of a menu, and how it is told from the others. */
export interface DropDownForm {
  id: string;
  name: string;
  about: string;
  values: Said;
}

/** Everything that a form may say, as it is where nothing is said: forms do not mix. */
const plain: Said = {
  panel: 'list',
  panelColumns: 3,
  panelWidth: 'own',
  belowAlign: 'start',
  belowGap: 0,
  panelGround: 'ground',
  panelInk: 'ink',
  panelLine: 'border-hairline',
  belowShadow: 'shadow-high',
  belowRadius: 'radius-small',
  belowMotion: 'none',
  toggleSign: 'chevron',
  descriptions: false,
};

/** Every ready-made form of drop-downs, in the order in which they are offered. */
export const dropDownForms: readonly DropDownForm[] = [
  {
    id: 'list',
    name: 'List',
    about: 'A narrow list at the start of its item, with a line and a shadow.',
    values: plain,
  },
  {
    id: 'flat',
    name: 'Flat list',
    about: 'Square, without a shadow, right below its item; a plus that becomes a minus.',
    values: { ...plain, belowRadius: 'radius-square', belowShadow: null, toggleSign: 'plus' },
  },
  {
    id: 'card',
    name: 'Card in the middle',
    about: 'Apart from its item and below its middle; it drops into place.',
    values: { ...plain, belowAlign: 'middle', belowGap: 8, panelLine: null, belowMotion: 'drop' },
  },
  {
    id: 'columns',
    name: 'Two columns',
    about: 'A panel as wide as what is in it, with descriptions.',
    values: {
      ...plain,
      panel: 'columns',
      panelColumns: 2,
      belowGap: 4,
      descriptions: true,
      belowMotion: 'fade',
    },
  },
  {
    id: 'content',
    name: 'Panel over the content',
    about: 'As wide as the content, in four columns with headings from the second level.',
    values: {
      ...plain,
      panel: 'columns',
      panelColumns: 4,
      panelWidth: 'content',
      belowGap: 4,
      descriptions: true,
      belowMotion: 'drop',
    },
  },
  {
    id: 'bar',
    name: 'Band below the bar',
    about: 'From edge to edge, in the dark colour, as if the bar grew.',
    values: {
      ...plain,
      panel: 'columns',
      panelColumns: 4,
      panelWidth: 'bar',
      panelGround: 'deep',
      panelInk: 'on-deep',
      panelLine: null,
      belowRadius: 'radius-square',
      toggleSign: 'triangle',
    },
  },
];
