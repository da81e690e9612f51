import { MenusScreen } from '@/features/menus/menus-screen';

interface PageProps {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** The menus of a site, with the menu and the item that are asked for. */
export default async function Page({ searchParams }: PageProps) {
  const { menu, item } = await searchParams;
  return (
    <MenusScreen
      menuId={typeof menu === 'string' ? menu : null}
      itemId={typeof item === 'string' ? item : null}
    />
  );
}
