import scroll from './scroll/scroll.module.css';

/** What visitors would be surprised by, a sentence each; nothing where there is none. */
export function Findings({ all }: { all: readonly string[] }) {
  if (all.length === 0) return null;
  return (
    <ul className={scroll.findings} aria-label="What visitors would meet">
      {all.map((each) => (
        <li key={each}>{each}</li>
      ))}
    </ul>
  );
}
