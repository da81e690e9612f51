/** Who may ask: pages of this application, by its own name. Keeps other websites from reaching it through the browser. */

const localHosts = ['127.0.0.1', 'localhost', '[::1]'];

/** The names under which the application answers: those of this machine, and those that `ALLOWED_HOSTS` lists. */
function allowedHosts(): string[] {
  return [
    ...localHosts,
    ...(process.env.ALLOWED_HOSTS ?? '')
      .split(',')
      .map((host) => host.trim())
      .filter(Boolean),
  ];
}

/** Why a request is not answered; null when it is. */
export function guardProblem(method: string, host: string | null, origin: string | null): string | null {
  const name = (host ?? '').replace(/:\d+$/, '');
  if (!allowedHosts().includes(name))
    return `This application does not answer to the name “${name}”. Set ALLOWED_HOSTS to allow it.`;
  if (method === 'GET' || method === 'HEAD' || origin === null) return null;
  const known = [`http://${host}`, `https://${host}`];
  return known.includes(origin) ? null : 'Another website may not change anything here.';
}
