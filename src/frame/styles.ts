import type { Otherwise, RuleWay, StylesheetChange } from '../core/markup/stylesheet';

const styles: HTMLStyleElement[] = [];

// The stylesheet stands beside the pages' root, but its text is put into this page, which may lie deeper.
const root = location.pathname.split('/').slice(0, 3).join('/');
const rooted = (css: string) => css.replace(/url\("(?=fonts\/|artwork\/)/g, `url("${root}/`);

/** The rule or block at the end of a way through blocks; undefined where there are others. */
function ruleAt(rules: CSSRuleList | undefined, [here, ...further]: RuleWay): CSSRule | undefined {
  if (!here || rules?.length !== here[1]) return undefined;
  const rule = rules[here[0]];
  return further.length === 0 ? rule : ruleAt((rule as CSSGroupingRule | undefined)?.cssRules, further);
}

// A condition that is changed makes the browser lay out the whole page: one of widths that holds as the one before it waits until there is time.
const conditions = new Map<CSSMediaRule, string>();
const ofWidths = (media: string) => media.startsWith('(width');

/** Puts conditions in place that were taken: all, or only those that hold otherwise than before. */
export function takeConditions(which: 'all' | 'other'): void {
  for (const [rule, media] of conditions) {
    const { mediaText } = rule.media;
    const same = matchMedia(media).matches === matchMedia(mediaText).matches;
    if (which === 'other' && same && ofWidths(media) && ofWidths(mediaText)) continue;
    rule.media.mediaText = media;
    conditions.delete(rule);
  }
}

function takeRule(rule: CSSRule | undefined, is: Otherwise): boolean {
  if ('media' in is) {
    if (rule instanceof CSSMediaRule) conditions.set(rule, is.media);
    return rule instanceof CSSMediaRule;
  }
  if (rule instanceof CSSStyleRule) rule.style.cssText = rooted(is.declarations);
  return rule instanceof CSSStyleRule;
}

/**
 * Takes what is other of the stylesheet. What stands outermost is in an element of its own each, so that fonts and layers that stay the same are
 * not read again. A declaration that is changed where it stands lets the browser settle and lay out what it touches only; a new text makes it do
 * so for the whole page, which takes ten times as long. False where a rule is not there: the browser read the stylesheet in another way.
 */
export function takeStyles({ count, texts, changed }: StylesheetChange): boolean {
  while (styles.length > count) styles.pop()!.remove();
  while (styles.length < count) {
    const style = document.createElement('style');
    styles.push(style);
    document.head.append(style);
  }
  for (const [index, text] of texts) styles[index]!.textContent = rooted(text);
  return changed.every(([index, way, is]) => {
    const [outermost] = styles[index]!.sheet!.cssRules;
    return takeRule(ruleAt((outermost as CSSGroupingRule | undefined)?.cssRules, way), is);
  });
}

// How the page looks to those who asked for less motion, which a frame cannot be made to ask for.
const stillness = document.createElement('style');
stillness.textContent = '*, ::before, ::after { transition-duration: 0s !important; }';

/** Stills all motion, or no longer does. */
export function keepStill(still: boolean): void {
  if (still) document.head.append(stillness);
  else stillness.remove();
}

// Bars that take room beside the page would make it narrower than its view: widths are worked out as without them, and the view has a
// handle of its own.
const barless = new CSSStyleSheet();
barless.replaceSync('* { scrollbar-width: none; }');
document.adoptedStyleSheets.push(barless);

addEventListener('resize', () => takeConditions('all'));
