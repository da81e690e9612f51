import { useEdit, useSite } from '@/client/open-site-context';
import { tokenKindOf } from '@/core/brand/tokens';
import { contrastOn } from '@/core/colour/contrast';
import { hexOf } from '@/core/colour/read-colour';
import { seenColour } from '@/core/site/seen-colour';
import { ContrastFigure } from '@/ui/contrast-figure';
import { TextCell } from '@/ui/table/text-cell';
import { tokenName, tokenNamed } from '../brand/token-names';
import styles from './begin.module.css';

/** The colours with which a brand begins, each with the one that is read on it or that it is read on. */
const few = [
  { id: 'ground', beside: null },
  { id: 'ink', beside: 'ground' },
  { id: 'accent', beside: 'on-accent' },
  { id: 'deep', beside: 'on-deep' },
] as const;

const kind = tokenKindOf('colours');

/** The few colours that most others of a brand go by, typed or picked. */
export function FewColours() {
  const site = useSite();
  const edit = useEdit();
  const keep = (token: string) => (text: string) => {
    const reading = kind.read(text, tokenNamed(site));
    return reading.ok
      ? edit([{ edit: 'changeToken', family: 'colours', token, value: reading.value }])
      : reading.reason;
  };
  return (
    <table className="rows" aria-label="First colours">
      <tbody>
        {few.map(({ id, beside }) => {
          const { name, value } = site.brand.colours[id]!;
          const seen = seenColour(site, id);
          const other = beside && seenColour(site, beside);
          return (
            <tr key={id}>
              <td className={styles.pick}>
                <input
                  type="color"
                  aria-label={`Pick ${name}`}
                  value={hexOf(seen)}
                  onChange={({ target }) => keep(id)(target.value)}
                />
              </td>
              <th scope="row">{name}</th>
              <td className="figures">
                <TextCell
                  label={`Value of ${name}`}
                  text={kind.text(value, tokenName(site))}
                  keep={keep(id)}
                />
              </td>
              <td>{other && <ContrastFigure ratio={contrastOn(seen, other)} />}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
