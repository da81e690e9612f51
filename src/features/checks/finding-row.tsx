import type { Finding } from '@/core/checks/finding';

/** A finding in the list: what it is about and what was found. */
export function FindingRow({
  finding,
  chosen,
  reason,
  onChoose,
}: {
  finding: Finding;
  chosen: boolean;
  /** Why it was left as it is. */
  reason?: string;
  onChoose(): void;
}) {
  return (
    <li>
      <button type="button" className="one-of" aria-pressed={chosen} onClick={onChoose}>
        <b>{finding.at}</b>
        <span>{finding.words}</span>
        {reason !== undefined && <span className="quiet">Left, since: {reason}</span>}
      </button>
    </li>
  );
}
