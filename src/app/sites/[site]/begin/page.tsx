import { BeginScreen } from '@/features/begin/begin-screen';

export default function Page() {
  return <BeginScreen />;
}
