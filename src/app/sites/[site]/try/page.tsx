import { TryScreen } from '@/features/try/try-screen';

export default function Page() {
  return <TryScreen />;
}
