import { ChecksScreen } from '@/features/checks/checks-screen';

/** What the checks found; `finding` is the key of the one that is shown first. */
export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ finding?: string | string[] }>;
}) {
  const { finding } = await searchParams;
  return <ChecksScreen finding={typeof finding === 'string' ? finding : null} />;
}
