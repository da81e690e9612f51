'use client';

import { useDeferredValue, useMemo } from 'react';
import { differences } from '@/core/comparing/differences';
import { DifferenceTable } from './difference-table';
import { Pictures, type State } from './pictures';

/** What differs between two states of a site: as pictures, and in words. */
export function Comparison({ before, after }: { before: State; after: State }) {
  const [was, is] = [useDeferredValue(before), useDeferredValue(after)];
  const found = useMemo(() => differences(was.site, is.site), [was, is]);
  if (found.length === 0)
    return (
      <p>
        Nothing differs: “{after.name}” says what “{before.name}” says.
      </p>
    );
  return (
    <>
      <Pictures before={was} after={is} differences={found} />
      <DifferenceTable differences={found} />
    </>
  );
}
