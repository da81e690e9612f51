import { NextResponse, type NextRequest } from 'next/server';
import { guardProblem } from './server/guard';

/** Refuses requests from other websites before anything else sees them. */
export function proxy({ method, headers, nextUrl }: NextRequest) {
  const problem = guardProblem({
    method,
    path: nextUrl.pathname,
    host: headers.get('host'),
    origin: headers.get('origin'),
    site: headers.get('sec-fetch-site'),
    mode: headers.get('sec-fetch-mode'),
    dest: headers.get('sec-fetch-dest'),
  });
  return problem === null ? NextResponse.next() : NextResponse.json({ reason: problem }, { status: 403 });
}
