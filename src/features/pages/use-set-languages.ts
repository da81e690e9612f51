'use client';

import { App } from 'antd';
import { useEdit, useSite } from '@/client/open-site-context';
import type { Edit } from '@/core/edit';
import { applyEdits } from '@/core/edit/apply';
import { wordsLost } from '@/core/edit/site';
import { languageName } from '@/core/site/language';

const countText = (count: number) => (count === 1 ? 'one text' : `${count} texts`);

/** Sets the languages of the site; where words would go with a language, only after that was said. Gives the reason of a refusal. */
export function useSetLanguages(): (languages: string[]) => string | null {
  const site = useSite();
  const edit = useEdit();
  const { modal, notification } = App.useApp();
  return (languages) => {
    const edits: Edit[] = [{ edit: 'setLanguages', languages }];
    const set = () => edit(edits);
    const outcome = applyEdits(site, edits);
    if (!outcome.ok) return outcome.reason;
    const lost = wordsLost(site, languages);
    if (lost.size === 0) return set();
    const what = [...lost].map(([tag, count]) => `${countText(count)} in ${languageName(tag)} (${tag})`);
    modal.confirm({
      title: 'Take these words away too?',
      content: `With the language goes what was said in it: ${what.join('; ')}. Undo brings them back.`,
      okText: 'Take them away',
      okButtonProps: { danger: true },
      cancelText: 'Keep the language',
      onOk: () => {
        const reason = set();
        if (reason)
          notification.warning({
            title: 'The languages stay as they are',
            description: reason,
            placement: 'bottomLeft',
          });
      },
    });
    return null;
  };
}
