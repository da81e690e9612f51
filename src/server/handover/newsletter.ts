import { emailProblem } from '@/core/properties/link';
import { bodyBytes } from '../http';

/** The largest form that is read, in bytes. */
const MOST_FORM = 16 * 1024;

/** Addresses that are answered otherwise than others, so that every answer of a newsletter can be tried. */
const told: Record<string, number> = { 'known@example.com': 409, 'silent@example.com': 503 };

/** What is read where scripts are off. */
const said: Record<number, string> = {
  202: 'The address was sent. Nothing of it is kept: this is the service with which a newsletter is tried.',
  409: 'This address is known already.',
  422: 'This cannot be an e-mail address.',
  503: 'There is no answer from the newsletter.',
};

const answerPage = (status: number) => `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8">
    <title>Newsletter</title>
  </head>
  <body>
    <p>${said[status]}</p>
  </body>
</html>
`;

/**
 * Answers the form of a newsletter while a site is tried, as a real service would: 202 for one that was sent, 409 for an address that is
 * known (`known@example.com`), 422 for what is none, 503 for `silent@example.com`. Nothing is kept.
 */
export async function answerNewsletter(request: Request, headers: Record<string, string>): Promise<Response> {
  const body = await bodyBytes(request, MOST_FORM);
  if (!body.ok) return body.response;
  const email = new URLSearchParams(body.value.toString('utf8')).get('email')?.trim() ?? '';
  const status = emailProblem(email) === null ? (told[email.toLowerCase()] ?? 202) : 422;
  return new Response(answerPage(status), {
    status,
    headers: { ...headers, 'content-type': 'text/html; charset=utf-8' },
  });
}
