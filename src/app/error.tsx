'use client';

import { FailureScreen } from '@/features/failure/failure-screen';

/** A screen that failed; the rest of the application goes on. */
export default function ScreenError({ error, reset }: { error: Error; reset(): void }) {
  return <FailureScreen error={error} retry={reset} />;
}
