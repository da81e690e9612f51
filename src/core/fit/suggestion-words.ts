import type { Change } from './suggestions';
import { lengthText } from '../lengths/formula';
import { divisionText } from '../properties/kinds/division';
import type { Assembly } from '../site/assembly';
import { languageName } from '../site/language';
import type { Site } from '../site/site';
import { pieceTitle } from '../site/uses';

/** What a suggestion changes, in words. */
export function changeText(site: Site, assembly: Assembly, change: Change): string {
  const piece = 'piece' in change && change.piece !== null ? assembly.pieces[change.piece] : undefined;
  const name = piece ? pieceTitle(site, piece) : 'the bar';
  switch (change.as) {
    case 'value':
      return `${name}, ${change.label.toLowerCase()}: ${lengthText(change.from)} → ${lengthText(change.to)}`;
    case 'turned':
      return `${name}: ${change.label}`;
    case 'hidden':
      return `Hide ${name}`;
    case 'moved':
      return `Move ${name} to “${assembly.bars[change.bar]?.name ?? ''}”`;
    case 'together':
      return `All gaps, paddings and sizes, by ${Math.round(100 * change.share)} % of what they can give`;
    case 'divided':
      return `Divide the bar otherwise: ${divisionText(change.from)} → ${divisionText(change.to)}`;
    case 'collapsed':
      return `${name} ${change.says} when the bar stops fitting`;
    case 'shorter': {
      const letters = change.letters === 1 ? 'one letter' : `${change.letters} letters`;
      const where = site.languages.length > 1 ? ` in ${languageName(change.language)}` : '';
      return `Shorter words for “${change.label}”${where}: ${letters} fewer`;
    }
  }
}
