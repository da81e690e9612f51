'use client';

import { own } from '@/core/ids/id';
import { Button } from 'antd';
import { useEffect } from 'react';
import * as v from 'valibot';
import { LaterSite, useSite } from '@/client/open-site-context';
import { assemblyNouns, type AssemblyKind } from '@/core/properties/assembly-kind';
import { useKept } from '@/ui/use-kept';
import { Screen } from '../shell/screen';
import { AssemblySwitch, useBeginAssembly } from './assembly-switch';
import { readLead } from './why/leads';
import { Workbench } from './workbench';
import styles from './workbench.module.css';

const lastSchema = v.string();

const uses: Record<AssemblyKind, string> = {
  headers: 'A header stands at the top of every page that it is placed on.',
  drawers:
    'A drawer is the panel that a menu button opens. One is made by itself when a menu is first shown as a menu button.',
  footers: 'A footer stands at the end of every page that it is placed on.',
};

interface WorkbenchScreenProps {
  kind: AssemblyKind;
  assemblyId: string | null;
  /** What its address leads to, as text. */
  lead: string | null;
}

function LaterScreen({ kind, assemblyId, lead }: WorkbenchScreenProps) {
  const site = useSite();
  const { begin, gallery } = useBeginAssembly(kind);
  // Without a name, the one that was used last.
  const [last, keepLast] = useKept(`gable-ridge-last-${site.id}-${kind}`, lastSchema);
  const assembly = own(site[kind], assemblyId ?? last ?? '') ?? Object.values(site[kind])[0];
  const shown = assembly?.id;
  useEffect(() => {
    if (shown !== undefined && assemblyId === shown) keepLast(shown);
  }, [shown, assemblyId, keepLast]);
  if (!assembly) {
    return (
      <Screen here={kind}>
        <div className={styles.empty}>
          <h2>No {assemblyNouns[kind]} yet</h2>
          <p>{uses[kind]}</p>
          <Button type="primary" onClick={begin}>
            Make a {assemblyNouns[kind]}
          </Button>
          {gallery}
        </div>
      </Screen>
    );
  }
  return (
    <Screen here={kind} crumb={<AssemblySwitch kind={kind} assembly={assembly} />}>
      <Workbench key={`${assembly.id} ${lead}`} kind={kind} assemblyId={assembly.id} lead={readLead(lead)} />
    </Screen>
  );
}

/** The workbench with the named header, drawer or footer, or with the first of its kind. Its views show an edit before all else does. */
export function WorkbenchScreen(props: WorkbenchScreenProps) {
  return (
    <LaterSite>
      <LaterScreen {...props} />
    </LaterSite>
  );
}
