import { nanoid } from 'nanoid';
import type { Owner } from './api';

/** How long the page that stood in this window before is waited for to let go of its name, in ms. */
const LETTING_GO = 400;

const known = new Map<string, Promise<Owner>>();

/** Whether a name is free, or is let go of soon; `then` says for how long it is held then. */
function gets(name: string, then: Promise<unknown> | null): Promise<boolean> {
  return new Promise((resolve) => {
    const got = () => {
      resolve(true);
      return then;
    };
    navigator.locks
      .request(name, { signal: AbortSignal.timeout(LETTING_GO) }, got)
      .catch(() => resolve(false));
  });
}

/** Holds a name for as long as this page stands; false where another window holds it. */
const hold = (name: string) => gets(name, new Promise(() => {}));

/** Whether no other window of the site stands; one that was just closed may still have its name. */
async function isAlone(key: string): Promise<boolean> {
  const { held = [] } = await navigator.locks.query();
  const others = held.flatMap(({ name }) => (name?.startsWith(`${key} `) ? [name] : []));
  return (await Promise.all(others.map((name) => gets(name, null)))).every(Boolean);
}

async function identify(site: string, revision: number): Promise<Owner> {
  const key = `gable-ridge-window-${site}`;
  const kept = JSON.parse(sessionStorage.getItem(key) ?? 'null') as Owner | null;
  // Without locks (an address that is not secure) windows cannot tell of each other: each takes back its own edits only.
  if (!('locks' in navigator)) return keep(key, kept ?? { window: nanoid(), from: 0 });
  // A window that was duplicated has the name of the other one.
  if (kept && (await hold(`${key} ${kept.window}`))) return kept;
  const owner = { window: nanoid(), from: (await isAlone(key)) ? revision : 0 };
  await hold(`${key} ${owner.window}`);
  return keep(key, owner);
}

function keep(key: string, owner: Owner): Owner {
  sessionStorage.setItem(key, JSON.stringify(owner));
  return owner;
}

/**
 * Who this window is for the undo of a site: the same after a reload. One that is alone with the site can take back what was done
 * before it opened; beside others, only what it does itself.
 */
export function windowIdentity(site: string, revision: number): Promise<Owner> {
  // A page that is drawn on the server for the first time asks for nothing.
  if (typeof window === 'undefined') return new Promise(() => {});
  const identity = known.get(site) ?? identify(site, revision);
  known.set(site, identity);
  return identity;
}
