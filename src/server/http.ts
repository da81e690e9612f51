import * as v from 'valibot';
import { problemsOf, problemText, type Problem } from '@/core/site/problem';
import { failureOf } from './failures';

const MEGABYTE = 1024 * 1024;

/** The largest JSON body of an edit that is read, in bytes. */
const MOST_BODY = 16 * MEGABYTE;

/** An answer that something was refused, with a sentence for the person. */
export function refusal(status: number, reason: string, more: object = {}): Response {
  return Response.json({ reason, ...more }, { status });
}

export const noSuchSite = () => refusal(404, 'This site is no longer there.');

const methods = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const;
type Method = (typeof methods)[number];
type Handler<C> = (request: Request, context: C) => Response | Promise<Response>;

/** Lets a handler answer with a sentence whatever happens inside it: what is thrown becomes an answer too. */
function answering<C>(handler: Handler<C>): Handler<C> {
  return async (request, context) => {
    try {
      return await handler(request, context);
    } catch (error) {
      const { status, reason, more } = failureOf(error);
      return refusal(status, reason, more);
    }
  };
}

/** The methods of a route, to be exported from it: those that it has, and for every other an answer that says so. */
export function route<C>(handlers: Partial<Record<Method, Handler<C>>>): Record<Method, Handler<C>> {
  const allowed = methods.filter((method) => handlers[method]);
  const other: Handler<C> = ({ method }) => {
    const answer = refusal(405, `${method} is not possible here, only ${allowed.join(' and ')}.`);
    answer.headers.set('allow', allowed.join(', '));
    return answer;
  };
  const entries = methods.map((method) => [method, answering(handlers[method] ?? other)]);
  return Object.fromEntries(entries) as Record<Method, Handler<C>>;
}

type Body<T> = { ok: true; value: T } | { ok: false; response: Response };

/** A request's body as it comes, or the answer that refuses it once it is too large. */
export async function bodyBytes(request: Request, most: number): Promise<Body<Buffer>> {
  const tooLarge = () => ({
    ok: false as const,
    response: refusal(413, `More than ${most / MEGABYTE} MB cannot be read at once.`),
  });
  if (Number(request.headers.get('content-length') ?? 0) > most) return tooLarge();
  const chunks: Uint8Array[] = [];
  let size = 0;
  if (request.body)
    for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
      size += chunk.byteLength;
      if (size > most) return tooLarge();
      chunks.push(chunk);
    }
  return { ok: true, value: Buffer.concat(chunks, size) };
}

/** The bytes of a JSON body, or the answer that refuses it. */
export async function jsonBytes(request: Request, most = MOST_BODY): Promise<Body<Buffer>> {
  if (!request.headers.get('content-type')?.startsWith('application/json'))
    return { ok: false, response: refusal(415, 'Only JSON is read here (content-type: application/json).') };
  return bodyBytes(request, most);
}

/** The deepest nesting that is read; a document has a third of it. */
const MOST_DEEP = 60;

/** Whether brackets of a JSON text stand deeper in each other than that; what looks at it later may go down into them. */
function isDeeper(text: string, most: number): boolean {
  let depth = 0;
  let inText = false;
  // By hand: an expression that matches texts runs out of stack on one of several MB.
  for (let at = 0; at < text.length; at += 1) {
    const character = text[at];
    if (inText && character === '\\') at += 1;
    else if (character === '"') inText = !inText;
    else if (!inText && (character === '[' || character === '{')) depth += 1;
    else if (!inText && (character === ']' || character === '}')) depth -= 1;
    if (depth > most) return true;
  }
  return false;
}

/** A request's body as the schema wants it, or the answer that says what is wrong with it. */
export async function readBody<T>(request: Request, schema: v.GenericSchema<unknown, T>): Promise<Body<T>> {
  const bytes = await jsonBytes(request);
  if (!bytes.ok) return bytes;
  const text = bytes.value.toString('utf8');
  if (isDeeper(text, MOST_DEEP))
    return { ok: false, response: refusal(400, `The body is nested more than ${MOST_DEEP} deep.`) };
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { ok: false, response: refusal(400, 'The body is not JSON.') };
  }
  const parsed = v.safeParse(schema, json);
  if (parsed.success) return { ok: true, value: parsed.output };
  return { ok: false, response: problemsRefusal(problemsOf(parsed.issues)) };
}

/** An answer that lists what is wrong with something sent. */
export function problemsRefusal(problems: readonly Problem[]): Response {
  return refusal(422, problems[0] ? problemText(problems[0]) : 'This cannot be read.', { problems });
}

/** An answer that the browser saves as a file. */
export function download(body: BodyInit, name: string, type: string): Response {
  return new Response(body, {
    headers: { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` },
  });
}

/** A text that is made in stretches as the body of an answer: each is made when it is asked for, and none after it was given up. */
export function textStream(text: Iterator<string> | AsyncIterator<string>): ReadableStream {
  const encoder = new TextEncoder();
  return new ReadableStream({
    async pull(controller) {
      const { done, value } = await text.next();
      if (done) controller.close();
      else controller.enqueue(encoder.encode(value));
    },
    async cancel() {
      await text.return?.();
    },
  });
}

/** An answer of JSON texts, one a line, each sent when it is there. */
export function lines(news: AsyncIterable<unknown>): Response {
  const text = (async function* () {
    for await (const each of news) yield `${JSON.stringify(each)}\n`;
  })();
  return new Response(textStream(text), { headers: { 'content-type': 'application/x-ndjson' } });
}

/** A font as plain bytes, which never change under their address. */
export function plainFont(bytes: Uint8Array): Response {
  return new Response(new Uint8Array(bytes), {
    headers: { 'content-type': 'font/sfnt', 'cache-control': 'private, max-age=86400, immutable' },
  });
}
