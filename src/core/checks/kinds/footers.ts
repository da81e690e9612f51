import { footerFindings } from '../../fit/footer-findings';
import { found, ofAssemblies, type Check } from '../check';

/** What visitors would meet in a footer: forms that nobody answers, lists without links, headings that skip a level (WCAG 2.2, 1.3.1 Info and Relationships). */
export const footers: Check = {
  id: 'footers',
  label: 'Forms, lists and headings of footers',
  from: 'WCAG 2.2, 1.3.1 Info and Relationships, 3.3.2 Labels or Instructions',
  harm: 'use',
  find: ofAssemblies(['footers'], ({ site, at, assembly }) =>
    footerFindings(site, assembly).map(({ piece, fault, words }) =>
      found({
        lead: { to: 'place', place: { on: 'piece', ...at, piece } },
        at: `${assembly.name}`,
        words,
        harm: fault === 'unanswered' || fault === 'no consent' ? 'untidy' : 'use',
        apart: fault,
      }),
    ),
  ),
};
