import { textKind } from './kinds/text';
import { property } from './property';

/** The name under which readers find a piece among the landmarks of a page (WAI-ARIA 1.2, 5.3.4 "Landmark Roles"). */
export const landmark = property({
  name: 'landmark',
  label: 'Said to readers as',
  group: 'Content',
  kind: textKind(60, 'the menu’s name, else “Menu” in the page’s language'),
  by: 'language',
  initial: '',
});
