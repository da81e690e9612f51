import { askForTexts, checkSite } from '@/core/checks/check-site';
import { harms, type Finding, type Harm } from '@/core/checks/finding';
import { jsonReport } from '@/core/formats/checks-report';
import type { Site } from '@/core/site/site';
import { FOUND_NOTHING, FOUND_SOMETHING, type CommandKind } from '../command';
import { siteOnDisk } from '../site-on-disk';

/** What is found is told by a line each, below what it harms. */
function asText({ accepted = {} }: Site, findings: readonly Finding[]): string {
  const groups = (Object.keys(harms) as Harm[]).flatMap((harm) => {
    const own = findings.filter((finding) => finding.harm === harm);
    const lines = own.map(
      ({ at, words, key }) => `  ${at}: ${words}${accepted[key] ? ` (left, since: ${accepted[key]})` : ''}`,
    );
    return own.length === 0 ? [] : [`${harms[harm]} (${own.length})`, ...lines];
  });
  return `${groups.length === 0 ? 'Nothing found.' : groups.join('\n')}\n`;
}

/** Looks a site over; something is found where a finding above untidy was not accepted, or with `--strict` any that was not. */
export const check: CommandKind = (program, does) =>
  program
    .command('check')
    .description('Looks a site over: contrast, fit, reachability, sizes and all other checks.')
    .argument('<site>', 'a site file (*.gable.json)')
    .option('--json', 'as data, as the report of the Checks screen has it')
    .option('--strict', 'what is untidy counts as found, too')
    .action((file: string, { json, strict }: { json?: boolean; strict?: boolean }) =>
      does(async (around) => {
        const { site, measured } = siteOnDisk(around, file);
        around.tell('Measuring texts …');
        await measured((advances) => askForTexts({ site, advances }));
        around.tell('Looking the site over …');
        const findings = await measured((advances) => checkSite({ site, advances }));
        around.say(json ? jsonReport(site, findings) : asText(site, findings));
        const counts = ({ harm, key }: Finding) =>
          (strict === true || harm !== 'untidy') && !(key in (site.accepted ?? {}));
        return findings.some(counts) ? FOUND_SOMETHING : FOUND_NOTHING;
      }),
    );
