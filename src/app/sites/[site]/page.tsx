import { redirect } from 'next/navigation';

/** A site opens on its headers, where the work is. */
export default async function Page({ params }: { params: Promise<{ site: string }> }) {
  redirect(`/sites/${(await params).site}/headers`);
}
