import { MenusScreen } from '@/features/menus/menus-screen';

export default function Page() {
  return <MenusScreen />;
}
