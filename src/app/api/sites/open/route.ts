import { readSiteFile } from '@/core/formats/site-file';
import { database } from '@/server/db/open';
import { jsonText, problemsRefusal, refusal } from '@/server/http';
import { openSiteFile } from '@/server/sites/create';

/** Opens a site file as a new site. */
export async function POST(request: Request) {
  const text = await jsonText(request);
  if (!text.ok) return text.response;
  const reading = readSiteFile(text.value);
  if (!reading.ok) return problemsRefusal(reading.problems);
  const opening = await openSiteFile(database(), reading.file, new Date());
  return opening.ok ? Response.json({ id: opening.id }, { status: 201 }) : refusal(422, opening.reason);
}
