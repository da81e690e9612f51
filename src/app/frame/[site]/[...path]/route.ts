import { database } from '@/server/db/open';
import { serveFrame, serveFrameFile } from '@/server/handover/serve';

/** A preview frame: its pages are sent by the workbench, everything else comes from what is stored. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ site: string; path: string[] }> },
) {
  const { site, path } = await params;
  const file = path.join('/');
  return file.endsWith('.html') ? serveFrame(request) : serveFrameFile(database(), request, site, file);
}
