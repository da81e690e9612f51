import styles from './failure.module.css';

/** What is shown where a screen failed: what happened, that nothing saved is lost, and what to do. */
export function FailureScreen({ error, retry }: { error: Error; retry(): void }) {
  return (
    <main className={styles.page}>
      <h1>This screen failed</h1>
      <p>
        What the save mark called saved is on disk. Try the screen again; if it fails once more, open another
        one, and tell whoever looks after the application what stands here.
      </p>
      <p className={styles.what}>{error.message}</p>
      <p className={styles.ways}>
        <button type="button" onClick={retry}>
          Try again
        </button>
        {/* The application is started anew on the way. */}
        {/* eslint-disable-next-line @next/next/no-html-link-for-pages */}
        <a href="/">To the list of sites</a>
      </p>
    </main>
  );
}
