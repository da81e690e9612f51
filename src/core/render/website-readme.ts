import { hasDark } from '../site/scheme';
import type { Site } from '../site/site';
import { languageName } from '../site/language';
import { outsideOf } from './outside';
import { NOT_FOUND_PATH, pageFile } from './page/paths';

/** What stands where in the archive of a website, for those who put it on a host. */
export function websiteReadme(site: Site): string {
  const [first, ...others] = site.languages as [string, ...string[]];
  const { sentTo, framed } = outsideOf(site);
  const policy = [
    ['connect-src', sentTo],
    ['form-action', sentTo],
    ['frame-src', framed],
  ] as const;
  const beyond = policy.filter(([, hosts]) => hosts.length > 0);
  return [
    `# ${site.name}`,
    '',
    'A website as plain files: put the folder on any host, or open `index.html`.',
    '',
    `- Pages stand at their paths: \`${pageFile('/')}\` is the home page. They are in ${languageName(first)}${others.map((language) => `, in \`${language.toLowerCase()}/\` in ${languageName(language)}`).join('')}.`,
    `- \`${pageFile(NOT_FOUND_PATH)}\` answers where there is no page: most hosts look for it by this name. It links from the root of the host.`,
    `- \`site.css\` dresses header, drawers and footer${hasDark(site) ? ', in light and in dark' : ''}; \`site.js\` does what is done by script. Everything can be reached without it.`,
    '- `stand-in.css` dresses what stands in for the content of pages, and goes with it.',
    '- `fonts/`, `artwork/` and `files/` hold what pages show and lead to; beside each font family lies its licence.',
    '',
    beyond.length === 0
      ? "A Content-Security-Policy of `default-src 'self'` is enough."
      : `A Content-Security-Policy of \`default-src 'self'; ${beyond.map(([name, hosts]) => `${name} 'self' ${hosts.join(' ')}`).join('; ')}\` is enough.`,
    '',
  ].join('\n');
}
