import { notFound } from 'next/navigation';
import { Opened } from '@/client/opening';
import { assemblyKinds } from '@/core/properties/assembly-kind';
import { FitScreen } from '@/features/fit/fit-screen';
import { WorkbenchScreen } from '@/features/workbench/workbench-screen';
import { openingAt } from '../../opening-at';

interface PageProps {
  params: Promise<{ site: string; kind: string; assembly?: string[] }>;
  searchParams: Promise<{ bar?: string | string[]; lead?: string | string[] }>;
}

/** The workbench with a header, drawer or footer, the first of its kind when none is named; or, below its address, how its bars fit. */
export default async function Page({ params, searchParams }: PageProps) {
  const { site, kind, assembly = [] } = await params;
  const [id, more, ...others] = assembly;
  const known = assemblyKinds.find((each) => each === kind);
  if (!known || others.length > 0 || (more !== undefined && more !== 'fit')) notFound();
  const { bar, lead } = await searchParams;
  const opening = await openingAt(site, known, (of) => id ?? Object.keys(of[known])[0]);
  return (
    <Opened opening={opening?.text ?? null}>
      {id === undefined || more === undefined ? (
        <WorkbenchScreen kind={known} assemblyId={id ?? null} lead={typeof lead === 'string' ? lead : null} />
      ) : (
        <FitScreen kind={known} assemblyId={id} bar={typeof bar === 'string' ? bar : null} />
      )}
    </Opened>
  );
}
