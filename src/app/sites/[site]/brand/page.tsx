import { BrandScreen } from '@/features/brand/brand-screen';

interface PageProps {
  searchParams: Promise<{ style?: string | string[] }>;
}

/** The brand of a site, with the type style that is asked for. */
export default async function Page({ searchParams }: PageProps) {
  const { style } = await searchParams;
  return <BrandScreen style={typeof style === 'string' ? style : null} />;
}
