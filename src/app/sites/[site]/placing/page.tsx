import { PlacingScreen } from '@/features/placing/placing-screen';

export default function Page() {
  return <PlacingScreen />;
}
