import { Opened } from '@/client/opening';
import { homePage } from '@/core/render/files';
import { standsAt } from '@/core/site/placing';
import { TryScreen } from '@/features/try/try-screen';
import { openingAt } from '../opening-at';

export default async function Page({ params }: { params: Promise<{ site: string }> }) {
  const opening = await openingAt(
    (await params).site,
    'headers',
    (of) => standsAt(of, 'header', homePage(of)).id,
  );
  return (
    <Opened opening={opening?.text ?? null}>
      <TryScreen />
    </Opened>
  );
}
