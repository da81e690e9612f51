const units = [
  { unit: 'year', seconds: 365 * 24 * 3600 },
  { unit: 'month', seconds: 30 * 24 * 3600 },
  { unit: 'week', seconds: 7 * 24 * 3600 },
  { unit: 'day', seconds: 24 * 3600 },
  { unit: 'hour', seconds: 3600 },
  { unit: 'minute', seconds: 60 },
] as const;

const words = new Intl.RelativeTimeFormat('en', { numeric: 'auto' });

/** How long ago a moment was, in words, such as `2 hours ago` or `yesterday`; both in ms since 1970. */
export function sinceText(at: number, now: number): string {
  const seconds = Math.max(0, (now - at) / 1000);
  const found = units.find((each) => seconds >= each.seconds);
  return found ? words.format(-Math.floor(seconds / found.seconds), found.unit) : 'just now';
}
