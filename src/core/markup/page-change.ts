import { ofPair } from '../ids/of-pair';
import { attributeRead, isElement, isNode, writeHtml, type Attributes, type Element } from './html';

/** An element of a page from its body inwards: in each that it stands in the how many-th element it is, and of how many. */
export type ElementWay = readonly (readonly [index: number, of: number])[];

/** Attributes as they are written; null for one that is taken away. */
type OtherAttributes = Readonly<Record<string, string | null>>;

/** What is other of an element: its attributes, its text where it holds nothing else, or all of it, which then comes anew. */
export type ElementOtherwise = { attributes: OtherAttributes } | { text: string } | { html: string };

type ChangedElements = readonly (readonly [way: ElementWay, is: ElementOtherwise])[];

/** What makes one page of another. */
export interface PageChange {
  /** What is other of the attributes of the page itself. */
  attributes: OtherAttributes;
  title: string;
  /** The scripts that it asks for. */
  scripts: readonly string[];
  /** All that is seen of it, where that comes anew. */
  body: string | null;
  /** What is other of the elements that stay. */
  changed: ChangedElements;
}

function otherAttributes(before: Attributes, after: Attributes): OtherAttributes {
  const other: Record<string, string | null> = {};
  for (const name in { ...before, ...after }) {
    const is = attributeRead(after[name]);
    if (is !== attributeRead(before[name])) other[name] = is;
  }
  return other;
}

/** Attributes that scripts read when an element comes. */
const isTold = (name: string) => name === 'class' || name.startsWith('data-');

/** What is other of what stands in an element; null where there are other elements than before, or texts beside them. */
function changedInside(before: Element, after: Element, way: ElementWay): ChangedElements | null {
  const [were, are] = [before.children.filter(isNode), after.children.filter(isNode)];
  if (![...were, ...are].some(isElement)) {
    const [was, text] = [were.join(''), are.join('')];
    return was === text ? [] : [[way, { text }]];
  }
  if (were.length !== are.length) return null;
  const of = are.filter(isElement).length;
  const changed: (readonly [ElementWay, ElementOtherwise])[] = [];
  let index = 0;
  for (const [nth, node] of are.entries()) {
    const old = were[nth]!;
    if (!isElement(node) || !isElement(old)) {
      if (node !== old) return null;
      continue;
    }
    const here: ElementWay = [...way, [index, of]];
    changed.push(...(changedElement(old, node, here) ?? [[here, { html: writeHtml(node) }] as const]));
    index += 1;
  }
  return changed;
}

/** What is other of an element and in it; null where it comes anew. */
function changedElement(before: Element, after: Element, way: ElementWay): ChangedElements | null {
  if (before === after) return [];
  const attributes = otherAttributes(before.attributes, after.attributes);
  const names = Object.keys(attributes);
  if (before.tag !== after.tag || names.some(isTold)) return null;
  const inside = changedInside(before, after, way);
  // What is read by itself would not be read as a part of a picture.
  if (inside === null || (after.tag === 'svg' && inside.length > 0)) return null;
  return names.length === 0 ? inside : [[way, { attributes }], ...inside];
}

/** The head and the body of a page. */
function partsOf({ children }: Element): readonly [head: Element, body: Element] {
  const [head, body] = children.filter(isElement);
  return [head!, body!];
}

const NOTHING = {};

/**
 * What is told to who holds a page, or nothing yet, so that it holds another. Elements whose classes or data are others come anew, since scripts
 * are told by that; so does all that is seen where a part of the page comes, goes or is another, as scripts may have put marks behind these.
 * Several views hold the very same: it is worked out once.
 */
export const pageChange = ofPair(
  (before: Element | null, after: Element): PageChange => {
    const [head, body] = partsOf(after);
    const inHead = (tag: string) => head.children.filter(isElement).filter((each) => each.tag === tag);
    const changed = before && changedInside(partsOf(before)[1], body, []);
    const stays = changed !== null && !changed.some(([way, is]) => way.length === 1 && 'html' in is);
    return {
      attributes: otherAttributes(before?.attributes ?? {}, after.attributes),
      title: inHead('title')
        .flatMap(({ children }) => children)
        .join(''),
      scripts: inHead('script').map(({ attributes }) => String(attributes.src)),
      body: stays ? null : body.children.map(writeHtml).join(''),
      changed: stays ? changed : [],
    };
  },
  (before, after) => [before ?? NOTHING, after],
);
