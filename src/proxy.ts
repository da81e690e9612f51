import { NextResponse, type NextRequest } from 'next/server';
import { guardProblem } from './server/guard';

/** Refuses requests from other websites before anything else sees them. */
export function proxy(request: NextRequest) {
  const problem = guardProblem(request.method, request.headers.get('host'), request.headers.get('origin'));
  return problem === null ? NextResponse.next() : NextResponse.json({ reason: problem }, { status: 403 });
}
