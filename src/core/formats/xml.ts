import { SaxesParser } from 'saxes';
import type { LineProblem } from './reading';

/** What is heard of an XML text while it is read, one thing after another: nothing is built, so no nesting is too deep. */
export interface XmlListener {
  /** An element begins; its name without a prefix. `line` is where its tag ends. */
  opened?(name: string, attributes: Readonly<Record<string, string | undefined>>, line: number): void;
  /** An element ends, with the text that stood in it since the last tag. */
  closed?(name: string, text: string, line: number): void;
}

/** Reads an XML text (XML 1.0); gives the first thing that is wrong with it, entities of its own among them, or null. */
export function readXml(text: string, { opened, closed }: XmlListener): LineProblem | null {
  const parser = new SaxesParser({ position: true });
  let problem: LineProblem | null = null;
  let inside = '';
  const local = (name: string) => name.slice(name.indexOf(':') + 1);
  parser.on('opentag', ({ name, attributes }) => {
    inside = '';
    opened?.(local(name), attributes as Record<string, string>, parser.line);
  });
  parser.on('text', (more) => {
    inside += more;
  });
  parser.on('cdata', (more) => {
    inside += more;
  });
  parser.on('closetag', ({ name }) => {
    closed?.(local(name), inside, parser.line);
    inside = '';
  });
  parser.on('error', (error) => {
    problem ??= { line: parser.line, reason: error.message.replace(/^\d+:\d+: /, '') };
  });
  // In stretches, so that nothing more is read once something was found to be wrong.
  for (let at = 0; at < text.length && problem === null; at += STRETCH)
    parser.write(text.slice(at, at + STRETCH));
  if (problem === null) parser.close();
  return problem;
}

const STRETCH = 16_384;
