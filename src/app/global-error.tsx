'use client';

import '@/ui/theme/theme.css';
import { FailureScreen } from '@/features/failure/failure-screen';

/** The application itself failed, its layout included. */
export default function ApplicationError({ error, reset }: { error: Error; reset(): void }) {
  return (
    <html lang="en">
      <body>
        <title>Gable Ridge</title>
        <FailureScreen error={error} retry={reset} />
      </body>
    </html>
  );
}
