import { Select } from 'antd';
import { useEdit } from '@/client/open-site-context';
import type { Page } from '@/core/site/page';
import { pageStandInOf, pageStandIns, type PageStandInId } from '@/core/site/page-stand-in';
import styles from './pages.module.css';

const options = Object.entries(pageStandIns).map(([value, { name }]) => ({ value, label: name }));

/** What stands in for the content of a page, to be chosen among what ships with the application. */
export function StandInCell({ page }: { page: Page }) {
  const edit = useEdit();
  return (
    <Select
      size="small"
      variant="borderless"
      aria-label={`What stands in for the content of ${page.title}`}
      value={pageStandInOf(page)}
      popupMatchSelectWidth={false}
      options={options}
      className={styles.standIn!}
      onChange={(value: string) =>
        void edit([{ edit: 'changePage', page: page.id, standIn: value as PageStandInId }])
      }
    />
  );
}
