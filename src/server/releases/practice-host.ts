import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { Readable } from 'node:stream';
import type { ReadableStream } from 'node:stream/web';
import type { Db } from '../db/open';
import { hosting } from '../db/schema';
import { failureOf } from '../failures';
import { respond, type Live } from './respond';

/** The practice host stands in for real hosting: it listens for each site that is live at a port of its own, on this machine only. */
const HOST = '127.0.0.1';

/** Where the first site is served; others follow. */
const FIRST_PORT = 4400;

/** The ports at which a site may be served: those that need no rights, up to the last that there is. */
export const PORTS = { least: 1024, most: 65_535 };

interface Listening {
  port: number;
  server: Server;
  live: Live;
}

/** One for the whole process: screens and answers are bundled apart. */
const shared = globalThis as {
  gableHosts?: { listening: Map<string, Listening>; problems: Map<string, string> };
};
const hosts = (shared.gableHosts ??= { listening: new Map(), problems: new Map() });

async function answer(db: Db, live: Live, incoming: IncomingMessage, outgoing: ServerResponse) {
  const { method = 'GET', url = '/', headers } = incoming;
  const bodied = method !== 'GET' && method !== 'HEAD';
  const said = Object.entries(headers).flatMap(([name, value]) =>
    typeof value === 'string' ? [[name, value] as [string, string]] : [],
  );
  const request = new Request(new URL(url, `http://${HOST}`), {
    method,
    headers: said,
    ...(bodied ? { body: Readable.toWeb(incoming) as unknown as BodyInit, duplex: 'half' } : {}),
  } as RequestInit);
  const response = await respond(db, live, request);
  outgoing.writeHead(response.status, Object.fromEntries(response.headers));
  if (!response.body) outgoing.end();
  else Readable.fromWeb(response.body as ReadableStream).pipe(outgoing);
}

/** Names under which the practice host answers: another one would let a page of elsewhere read a site through the browser. */
const isOwnName = (host: string | undefined) => /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/.test(host ?? '');

/** Listens at a port for a site; gives why that is not possible, null where it is. */
function listen(db: Db, live: Live, port: number): Promise<string | null> {
  return new Promise((resolve) => {
    const server = createServer((incoming, outgoing) => {
      const now = hosts.listening.get(live.site)?.live ?? live;
      const fail = (status: number, reason: string) => {
        if (!outgoing.headersSent)
          outgoing.writeHead(status, { 'content-type': 'text/plain; charset=utf-8' });
        outgoing.end(reason);
      };
      if (!isOwnName(incoming.headers.host))
        return fail(403, 'The practice host answers to the names of this machine only.');
      answer(db, now, incoming, outgoing).catch((error: unknown) => {
        const { status, reason } = failureOf(error);
        fail(status, reason);
      });
    });
    server.once('error', (error: NodeJS.ErrnoException) =>
      resolve(
        error.code === 'EADDRINUSE'
          ? `Port ${port} is taken by another program. Choose another one, or end that program.`
          : `Port ${port} cannot be listened at: ${error.message}.`,
      ),
    );
    server.listen(port, HOST, () => {
      server.unref();
      hosts.listening.set(live.site, { port, server, live });
      resolve(null);
    });
  });
}

/** Ends serving a site; open connections are cut off. */
export function stopServing(site: string): void {
  const listening = hosts.listening.get(site);
  hosts.listening.delete(site);
  hosts.problems.delete(site);
  listening?.server.close();
  listening?.server.closeAllConnections();
}

/** Serves a release of a site at a port, in the place of what was served of it before; gives why that is not possible, and then serves on as before. */
export async function serve(db: Db, live: Live, port: number): Promise<string | null> {
  const before = hosts.listening.get(live.site);
  if (before?.port === port) {
    before.live = live;
    return null;
  }
  const problem = await listen(db, live, port);
  if (problem !== null) return problem;
  before?.server.close();
  before?.server.closeAllConnections();
  hosts.problems.delete(live.site);
  return null;
}

/** Why a site that is live is not served at the moment; null where it is, or is not live. */
export const servingProblem = (site: string): string | null => hosts.problems.get(site) ?? null;

/** Serves again what was live when the application was ended. A port that is taken by now is told where the site is published. */
export async function serveAll(db: Db): Promise<void> {
  for (const { site, port, release } of db.select().from(hosting).all()) {
    if (release === null) continue;
    const problem = await serve(db, { site, release }, port);
    if (problem !== null) hosts.problems.set(site, problem);
  }
}

/** A port that no site has yet and that can be listened at. */
export async function freePort(db: Db): Promise<number> {
  const given = new Set(
    db
      .select({ port: hosting.port })
      .from(hosting)
      .all()
      .map(({ port }) => port),
  );
  for (let port = FIRST_PORT; ; port += 1) if (!given.has(port) && (await isFree(port))) return port;
}

const isFree = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, HOST, () => probe.close(() => resolve(true)));
  });
