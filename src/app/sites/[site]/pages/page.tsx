import { PagesScreen } from '@/features/pages/pages-screen';

export default function Page() {
  return <PagesScreen />;
}
