// The inside of a view. The workbench sends what changed in the very page and stylesheet that would be handed over; this puts it in place of
// what stands here, and tells what is pointed at and where things stand. Links then lead to the frames of other pages by themselves.
import { boxesOf } from './boxes';
import { watchClicks } from './clicked';
import { watchDragging } from './dragged';
import { watchMoves } from './following';
import { watch } from './opened';
import { point } from './pointing';
import { scrollDown } from './scrolled';
import { showSoon } from './shown';
import { hear, tell } from './telling';

watch();
watchMoves();
watchDragging();
watchClicks();
hear({
  show: showSoon,
  point,
  measure: ({ selectors }) => tell({ says: 'measured', boxes: boxesOf(selectors) }),
  scroll: ({ to }) => scrollDown(to),
});
