'use client';

import { Button } from 'antd';
import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import { useSite } from '@/client/open-site-context';
import { ScreenLink } from '@/ui/screen-link';
import { ActionList } from './actions/action-list';
import { ChecksMark } from './checks-mark';
import { AlsoMoved } from '../checks/also-moved';
import { ActionsProvider } from './actions/actions-context';
import { HistoryButtons } from './history-buttons';
import { Notices } from './notices';
import { SaveMark } from './save-mark';
import { sections, type SectionPath } from './sections';
import styles from './shell.module.css';

/** The screens that are not on the rail. */
const besides = { try: 'Try it', begin: 'Begin' } as const;

interface ScreenProps {
  here: SectionPath | keyof typeof besides;
  /** What stands in the top bar after the section's name. */
  crumb?: ReactNode;
  children: ReactNode;
}

/** A screen of an open site: the rail, the top bar, and the screen's own content. */
export function Screen({ here, crumb, children }: ScreenProps) {
  const site = useSite();
  const router = useRouter();
  const label =
    sections.find((section) => section.path === here)?.label ?? besides[here as keyof typeof besides];
  return (
    <ActionsProvider>
      <div className={styles.screen}>
        <header className={styles.top}>
          <nav aria-label="You are here" className={styles.trail}>
            <ScreenLink href="/">Sites</ScreenLink>
            <span aria-hidden="true">/</span>
            <span className={styles.siteName}>{site.name}</span>
            <span aria-hidden="true">/</span>
            <h1 className={styles.title}>{label}</h1>
            {crumb && <span aria-hidden="true">/</span>}
            {crumb}
          </nav>
          <AlsoMoved />
          <SaveMark />
          <HistoryButtons />
          <ActionList />
          {here !== 'try' && <ScreenLink href={`/sites/${site.id}/try`}>Try it</ScreenLink>}
          {here !== 'release' && (
            <Button type="primary" onClick={() => router.push(`/sites/${site.id}/release`)}>
              Release…
            </Button>
          )}
        </header>
        <nav aria-label="Screens" className={styles.rail}>
          {sections.map(({ path, label: name }) => (
            <ScreenLink
              key={path}
              href={`/sites/${site.id}/${path}`}
              aria-current={path === here ? 'page' : undefined}
            >
              {name}
              {path === 'checks' && <ChecksMark />}
            </ScreenLink>
          ))}
        </nav>
        <main className={styles.content}>{children}</main>
        <Notices />
      </div>
    </ActionsProvider>
  );
}
