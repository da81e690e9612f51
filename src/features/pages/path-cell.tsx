'use client';

import { App } from 'antd';
import { useEdit, useSite } from '@/client/open-site-context';
import { followedPath } from '@/core/edit/pages';
import type { Page } from '@/core/site/page';
import { TextCell } from '@/ui/table/text-cell';

/** A page’s path. Links follow it by themselves; pages whose paths lie below are asked about. */
export function PathCell({ page, uses }: { page: Page; uses: number }) {
  const site = useSite();
  const edit = useEdit();
  const { modal } = App.useApp();
  const change = (path: string, below: boolean) => edit([{ edit: 'changePage', page: page.id, path, below }]);
  const keep = (path: string): string | null => {
    const below = Object.values(site.pages).filter(
      (other) => followedPath(other.path, page.path, path) !== null,
    );
    if (below.length === 0) return change(path, false);
    const refused = change(path, true);
    if (refused !== null) return refused;
    // Following is what one nearly always wants, and what keeps addresses tidy; the other way is one click away.
    modal.confirm({
      title: `“${page.title}” is at ${path} now`,
      content: `${below.length === 1 ? 'The page' : `The ${below.length} pages`} with paths below ${page.path} moved along, such as ${below[0]!.path} to ${followedPath(below[0]!.path, page.path, path)}. All links follow.`,
      okText: 'Good',
      autoFocusButton: null,
      cancelText: below.length === 1 ? 'Leave its path as it was' : 'Leave their paths as they were',
      onCancel: () =>
        void edit(below.map((other) => ({ edit: 'changePage', page: other.id, path: other.path }))),
    });
    return null;
  };
  const hint = () => {
    const stem = `${page.path}/`;
    const below = Object.values(site.pages).filter((other) => other.path.startsWith(stem)).length;
    const followers = [
      uses > 0 && (uses === 1 ? 'one link that leads here' : `${uses} links that lead here`),
      page.path !== '/' && below > 0 && (below === 1 ? 'one path below it' : `${below} paths below it`),
    ].filter(Boolean);
    return followers.length > 0 ? `Will follow: ${followers.join(', ')}.` : null;
  };
  return <TextCell label={`Path of ${page.title}`} text={page.path} hint={hint} keep={keep} />;
}
