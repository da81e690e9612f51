import { el, type Element } from '../markup/html';
import { dayNames, readHours } from '../properties/hours';

/** The names of the days in the vocabulary, from Monday. */
const days: Record<(typeof dayNames)[number], string> = {
  Mon: 'Monday',
  Tue: 'Tuesday',
  Wed: 'Wednesday',
  Thu: 'Thursday',
  Fri: 'Friday',
  Sat: 'Saturday',
  Sun: 'Sunday',
};

const time = (minutes: number) =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

/** An organisation as data that search engines read: JSON-LD 1.1 in the vocabulary of schema.org, `Organization`. */
export function organisationData(
  { name, telephone, mail, hours }: { name: string; telephone: string; mail: string; hours: string },
  lines: readonly string[],
  siteName: string,
): Element {
  const reading = readHours(hours);
  const open = (reading.ok ? reading.hours : []).flatMap((each) =>
    each.spans.map(({ from, to }) => ({
      '@type': 'OpeningHoursSpecification',
      dayOfWeek: each.days.map((day) => days[dayNames[day]!]),
      opens: time(from),
      closes: time(to),
    })),
  );
  const said = {
    '@context': 'https://schema.org',
    '@type': 'Organization',
    name: name || siteName,
    address: lines.length === 0 ? undefined : lines.join(', '),
    telephone: telephone || undefined,
    email: mail || undefined,
    location:
      open.length === 0
        ? undefined
        : { '@type': 'Place', name: name || siteName, openingHoursSpecification: open },
  };
  // Nothing of it can end the element, or be taken for a character reference (HTML, 4.12.1.3).
  const json = JSON.stringify(said).replace(
    /[&<>]/g,
    (character) => `\\u00${character.charCodeAt(0).toString(16)}`,
  );
  return el('script', { type: 'application/ld+json' }, json);
}
