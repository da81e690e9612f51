import { languageName } from '../../site/language';
import { isMissing, wordingOf } from '../../wording/wording';
import { found, type Check } from '../check';

/** Texts that are said in the first language of the site and not in another: those pages then mix languages (WCAG 2.2, 3.1.2 Language of Parts). */
export const translations: Check = {
  id: 'translations',
  label: 'Missing translations',
  from: 'WCAG 2.2, 3.1.2 Language of Parts',
  harm: 'untidy',
  find({ site }) {
    const [, ...others] = site.languages;
    if (others.length === 0) return [];
    const rows = wordingOf(site);
    return others.flatMap((language) => {
      const missing = rows.filter((row) => isMissing(site, row, language));
      if (missing.length === 0) return [];
      const [first] = missing;
      return [
        found({
          lead: { to: 'place', place: { on: 'words' } },
          at: languageName(language),
          seen: { language },
          words: `${missing.length === 1 ? 'One text is' : `${missing.length} texts are`} not said in ${languageName(language)}, first of all “${first!.given}”.`,
          measure: `${missing.length} of ${rows.length} texts`,
          limit: '0 texts',
          apart: language,
        }),
      ];
    });
  },
};
