import * as v from 'valibot';
import { problemsOf, problemText, type Problem } from '@/core/site/problem';

/** The largest JSON body that is read, in bytes: a site file with artwork is the largest thing sent. */
const MOST_BODY = 16 * 1024 * 1024;

/** An answer that something was refused, with a sentence for the person. */
export function refusal(status: number, reason: string, more: object = {}): Response {
  return Response.json({ reason, ...more }, { status });
}

export const noSuchSite = () => refusal(404, 'This site is no longer there.');

type Body<T> = { ok: true; value: T } | { ok: false; response: Response };

async function readLimited(request: Request): Promise<string | null> {
  const decoder = new TextDecoder();
  let size = 0;
  let text = '';
  if (!request.body) return '';
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    size += chunk.byteLength;
    if (size > MOST_BODY) return null;
    text += decoder.decode(chunk, { stream: true });
  }
  return text + decoder.decode();
}

/** The JSON text of a request's body, or the answer that refuses it. */
export async function jsonText(request: Request): Promise<Body<string>> {
  if (!request.headers.get('content-type')?.startsWith('application/json')) {
    return { ok: false, response: refusal(415, 'Only JSON is read here (content-type: application/json).') };
  }
  const text = await readLimited(request);
  if (text === null)
    return {
      ok: false,
      response: refusal(413, `More than ${MOST_BODY / 1048576} MB cannot be read at once.`),
    };
  return { ok: true, value: text };
}

/** A request's body as the schema wants it, or the answer that says what is wrong with it. */
export async function readBody<T>(request: Request, schema: v.GenericSchema<unknown, T>): Promise<Body<T>> {
  const text = await jsonText(request);
  if (!text.ok) return text;
  let json: unknown;
  try {
    json = JSON.parse(text.value);
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
export function download(body: string | Uint8Array, name: string, type: string): Response {
  return new Response(body as BodyInit, {
    headers: { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` },
  });
}

/** A font as plain bytes, which never change under their address. */
export function plainFont(bytes: Uint8Array): Response {
  return new Response(new Uint8Array(bytes), {
    headers: { 'content-type': 'font/sfnt', 'cache-control': 'private, max-age=86400, immutable' },
  });
}
