import { PointsScreen } from '@/features/points/points-screen';

export default function Page() {
  return <PointsScreen />;
}
