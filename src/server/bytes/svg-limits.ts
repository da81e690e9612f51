import { SaxesParser } from 'saxes';

/** What an SVG may hold at the most, so that looking through it and drawing it ends: a logo has a hundredth of it. */
const most = { depth: 60, elements: 20_000, attributes: 200, attributesInAll: 100_000 };

/**
 * Why a text is not an SVG that can be looked through; null when it is one. It is read as XML, as browsers read a picture, without
 * building anything: document types, which may define entities that grow, are refused.
 */
export function svgProblem(text: string): string | null {
  const parser = new SaxesParser({ xmlns: true });
  let problem: string | null = null;
  let depth = 0;
  let elements = 0;
  let attributes = 0;
  let own = 0;
  const say = (reason: string) => {
    problem ??= reason;
  };
  parser.on('error', (error) => say(`it cannot be read as XML: ${error.message}`));
  parser.on('doctype', (type) => {
    if (type.includes('[')) say('it defines entities of its own, which artwork may not');
  });
  parser.on('opentagstart', () => {
    depth += 1;
    elements += 1;
    own = 0;
    if (depth > most.depth) say(`its elements stand more than ${most.depth} deep in each other`);
    if (elements > most.elements) say(`it has more than ${most.elements} elements`);
  });
  parser.on('attribute', () => {
    own += 1;
    attributes += 1;
    if (own > most.attributes) say(`one of its elements has more than ${most.attributes} attributes`);
    if (attributes > most.attributesInAll) say(`it has more than ${most.attributesInAll} attributes`);
  });
  parser.on('opentag', ({ local, uri }) => {
    if (elements === 1 && (local !== 'svg' || uri !== SVG_NAMESPACE))
      say('its outermost element is not <svg> in the namespace of SVG');
  });
  parser.on('closetag', () => {
    depth -= 1;
  });
  // In stretches, so that it ends soon after something was found.
  for (let at = 0; at < text.length && problem === null; at += STRETCH)
    parser.write(text.slice(at, at + STRETCH));
  if (problem === null) parser.close();
  return problem;
}

const STRETCH = 16_384;
const SVG_NAMESPACE = 'http://www.w3.org/2000/svg';
