import { BrandScreen } from '@/features/brand/brand-screen';

export default function Page() {
  return <BrandScreen />;
}
