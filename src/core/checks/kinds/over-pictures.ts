import { contrast, contrastGrade, over, ratioText, srgb, type Srgb } from '../../colour/contrast';
import { scrimAlphas } from '../../colour/picture-contrast';
import { barsOverPicture, type OverPicture } from '../../fit/over-picture';
import { usually } from '../../fit/heights';
import { found, ofAssemblies, type Check } from '../check';
import { inSchemes } from '../in-schemes';

const grey = (channel: number): Srgb => ({ r: channel, g: channel, b: channel, alpha: 1 });

/** What a text has at the least, whatever the picture: on white and on black under the scrim, in the row in which that is weakest. */
function promised({ ink, scrim, rows, textRows }: OverPicture): number {
  const alphas = scrim
    ? scrimAlphas(scrim.form, srgb(scrim.colour).alpha, rows[1] - rows[0]).subarray(...textRows)
    : [0];
  const alpha = Math.min(...alphas);
  const colour = { ...(scrim ? srgb(scrim.colour) : grey(0)), alpha };
  const grounds = [grey(0), grey(1)].map((under) => over(colour, under));
  return Math.min(...grounds.map((ground) => contrast(over(srgb(ink), ground), ground)));
}

/** Headers over pictures without a scrim that holds for every picture: the pages of now may do, those of next year need not. */
export const overPictures: Check = {
  id: 'over-pictures',
  label: 'Texts over pictures',
  from: 'WCAG 2.2, 1.4.3 Contrast (Minimum)',
  harm: 'untidy',
  find: ofAssemblies(['headers'], ({ site: own, advances, at, assembly }) =>
    inSchemes(own, (site) =>
      assembly.order.flatMap((bar) => {
        const standing = barsOverPicture(usually(site, advances), assembly).filter(
          (each) => each.bar === bar,
        );
        const [first] = standing;
        if (!first) return [];
        const worst = standing.reduce((low, each) => (promised(each) < promised(low) ? each : low), first);
        const ratio = promised(worst);
        if (contrastGrade(ratio) === 'text') return [];
        const said = ratioText(ratio);
        return [
          found({
            lead: { to: 'place', place: { on: 'bar', ...at, bar } },
            at: `${assembly.name}, ${assembly.bars[bar]!.name}`,
            seen: { band: worst.band, phase: 'top' },
            words: `Over a picture nothing promises more than ${said}: how its texts stand out is up to each picture. In the sheet, “by scroll” shows it over four of them, and the least scrim.`,
            measure: said,
            limit: '4.5 : 1',
          }),
        ];
      }),
    ),
  ),
};
