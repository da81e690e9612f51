'use client';

import { FailureScreen } from '@/features/failure/failure-screen';

/** A screen of a site that failed; the open site with what still waits to be saved stays. */
export default function SiteScreenError({ error, reset }: { error: Error; reset(): void }) {
  return <FailureScreen error={error} retry={reset} />;
}
