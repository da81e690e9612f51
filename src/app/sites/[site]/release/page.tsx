import { ReleaseScreen } from '@/features/release/release-screen';

export default function Page() {
  return <ReleaseScreen />;
}
