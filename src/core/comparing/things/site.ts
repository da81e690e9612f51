import { bandRangeText } from '../../bands/band';
import { wordProperties } from '../../pieces/words';
import { languageName } from '../../site/language';
import type { Site } from '../../site/site';
import { detail, orNothing, quoted, listed, type Thing } from './thing';

/** The site as a whole, its bands, words and files. */
export function siteThings(site: Site): Thing[] {
  return [
    {
      path: 'site',
      area: 'Site',
      words: () => 'the site',
      details: () => [
        detail('Name', site.name),
        detail('Address', site.address, () => orNothing(site.address)),
        detail('Hosts of embedded pages', site.embeds, () => listed(site.embeds)),
        detail('Accepted findings', site.accepted, () =>
          listed(Object.values(site.accepted ?? {}).map(quoted)),
        ),
        detail('Languages', site.languages, () => listed(site.languages.map(languageName))),
      ],
    },
    ...site.bands.map((band): Thing => ({
      path: `bands.${band.id}`,
      area: 'Site',
      words: () => `band ${quoted(band.name)}`,
      details: () => [
        detail('Name', band.name),
        detail(
          'Widths',
          bandRangeText(site.bands, band.id),
          () => `${bandRangeText(site.bands, band.id)} px`,
        ),
      ],
    })),
    {
      path: 'words',
      area: 'Site',
      words: () => 'what pages say by themselves',
      details: () => [],
      valued: { values: site.words.values, properties: wordProperties },
    },
    ...Object.values(site.files).map((file): Thing => ({
      path: `files.${file.id}`,
      area: 'Site',
      words: () => `file ${quoted(file.name)}`,
      details: () => [detail('Name', file.name), detail('Bytes', file.hash, () => `${file.bytes} bytes`)],
    })),
  ];
}
