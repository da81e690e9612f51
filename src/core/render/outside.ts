import type { Site } from '../site/site';
import { assemblyKinds } from '../properties/assembly-kind';

/** The origins beyond its own that a site’s pages send to, and those from which they embed pages. */
export interface Outside {
  sentTo: string[];
  framed: string[];
}

/** What the pages of a site need of other hosts: it belongs to `connect-src`, `form-action` and `frame-src` of their Content-Security-Policy. */
export function outsideOf(site: Site): Outside {
  const services = assemblyKinds.flatMap((kind) =>
    Object.values(site[kind]).flatMap(({ pieces }) =>
      Object.values(pieces)
        .filter((piece) => piece.kind === 'newsletter')
        .flatMap(({ values }) => Object.values(values.service ?? {}) as string[]),
    ),
  );
  return {
    sentTo: [
      ...new Set(services.filter((address) => address !== '').map((address) => new URL(address).origin)),
    ],
    framed: site.embeds.map((host) => `https://${host}`),
  };
}
