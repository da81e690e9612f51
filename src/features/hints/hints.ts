import * as v from 'valibot';

/** What is not seen by itself, a sentence or two each, by where it is needed. There are at most ten: more are not read. */
export const hints = {
  pages: 'Drag a page to nest it below another, or press Alt and an arrow key.',
  menus: 'A column for each width: an item that is hidden in one stays in the others.',
  texts:
    'Every text of the site, in each of its languages. Write them out for a translator, and read them back.',
  views:
    'Click what you see to select it; click again for what holds it. Ctrl follows a link, and ? says why it is so.',
  lines: 'The numbers are handles: drag one, or click it and type. Escape takes it back.',
  ruler:
    'Drag a breakpoint or a triangle, or step it with the arrow keys. The strip says from where to where all fits.',
  plan: 'Drag a piece to another bay, in the plan or in a view; Alt and an arrow key move it too.',
  sheet: 'What is set is bold; what is grey follows, and says what. Delete lets a value follow again.',
  placing:
    'The first rule that holds for a page decides what stands on it. Pages without one get what stands on all.',
  points:
    'Each edit is kept as it is made. A saved point gives one a name, to compare with and to return to.',
} as const;
export type HintId = keyof typeof hints;

/** Where a browser keeps which of them were seen; `all` of one who wants none. */
export const SEEN_KEY = 'gable-ridge-hints-seen';
export const seenSchema = v.array(v.string());
