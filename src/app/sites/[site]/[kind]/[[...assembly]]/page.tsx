import { notFound } from 'next/navigation';
import { assemblyKinds } from '@/core/properties/assembly';
import { WorkbenchScreen } from '@/features/workbench/workbench-screen';

/** The workbench with a header, drawer or footer; the first of its kind when none is named. */
export default async function Page({ params }: { params: Promise<{ kind: string; assembly?: string[] }> }) {
  const { kind, assembly } = await params;
  const known = assemblyKinds.find((each) => each === kind);
  if (!known || (assembly && assembly.length > 1)) notFound();
  return <WorkbenchScreen kind={known} assemblyId={assembly?.[0] ?? null} />;
}
