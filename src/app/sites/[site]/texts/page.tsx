import { TextsScreen } from '@/features/texts/texts-screen';

export default function Page() {
  return <TextsScreen />;
}
