'use client';

import {
  createContext,
  startTransition,
  useContext,
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { useStore } from 'zustand';
import type { StoreApi } from 'zustand/vanilla';
import type { Site } from '@/core/site/site';
import type { Advances } from '@/core/text/advances';
import type { Standing } from './api';
import { afterPainting } from './after-painting';
import { openSite, type OpenSite } from './open-site';
import { advancesStore, type AdvancesStore } from './text-advances';
import { windowIdentity } from './window-identity';

const Context = createContext<StoreApi<OpenSite> | null>(null);
const AdvancesContext = createContext<AdvancesStore | null>(null);

/** Windows of this browser tell each other of new revisions, so that none shows an old state for long. */
function channelOf(site: string): BroadcastChannel {
  return new BroadcastChannel(`gable-ridge-${site}`);
}

/**
 * Opens a site for everything inside it. The document comes as JSON text: React takes one text over to the browser
 * several times faster than thousands of objects.
 */
export function OpenSiteProvider({
  document: text,
  standing,
  children,
}: {
  document: string;
  standing: Standing;
  children: ReactNode;
}) {
  const [store] = useState(() => {
    const site: Site = JSON.parse(text);
    const announce = (revision: number) => {
      const channel = channelOf(site.id);
      channel.postMessage(revision);
      channel.close();
    };
    const painted = () => new Promise<void>((resolve) => afterPainting(resolve));
    return openSite(site, standing, announce, windowIdentity(site.id, standing.revision), painted);
  });

  const id = useStore(store, (state) => state.site.id);
  useEffect(() => {
    const catchUp = () => void store.getState().catchUp();
    const channel = channelOf(id);
    channel.onmessage = ({ data }) => {
      if (data > store.getState().revision) catchUp();
    };
    const warn = (event: BeforeUnloadEvent) => {
      if (!['saved', 'gone'].includes(store.getState().saveState)) event.preventDefault();
    };
    window.addEventListener('focus', catchUp);
    window.addEventListener('beforeunload', warn);
    // What undo would do is told for this window; and a page that comes back out of the browser’s cache is old.
    catchUp();
    return () => {
      channel.close();
      window.removeEventListener('focus', catchUp);
      window.removeEventListener('beforeunload', warn);
    };
  }, [store, id]);

  const [advances] = useState(() => advancesStore(store.getState().site.id));
  useLayoutEffect(() => advances.recall(), [advances]);
  // After the effects of what stands inside.
  useEffect(() => advances.begin(), [advances]);

  return (
    <Context.Provider value={store}>
      <AdvancesContext value={advances}>{children}</AdvancesContext>
    </Context.Provider>
  );
}

/** The open site with all that is known of it, for what asks for it now and then. */
export function useOpenSiteStore(): StoreApi<OpenSite> {
  const store = useContext(Context);
  if (!store) throw new Error('An open site is asked for outside of OpenSiteProvider');
  return store;
}

/** A part of the open site's state; the component is drawn again when it changes. */
export function useOpenSite<T>(select: (state: OpenSite) => T): T {
  return useStore(useOpenSiteStore(), select);
}

/** Where what is known of the site's texts is kept, for what asks for it now and then. */
export function useAdvancesStore(): AdvancesStore {
  const store = useContext(AdvancesContext);
  if (!store) throw new Error('useAdvances stands outside of OpenSiteProvider');
  return store;
}

/** What is known of the widths of texts; the component is drawn again when more of them were measured. */
export function useAdvances(): Advances {
  const store = useAdvancesStore();
  return useStore(store, ({ advances }) => advances);
}

/** The same for what is drawn aside: it is drawn again only when texts were measured that it asked for itself. */
export function useOwnAdvances(): Advances {
  const store = useAdvancesStore();
  const [own] = useState(() => store.aside());
  useEffect(() => own.join(), [own]);
  return useStore(own, ({ advances }) => advances);
}

const LaterSiteContext = createContext<Site | null>(null);

/** Inside it, the open document is drawn when what shows an edit first was painted, and there is time: that is not kept waiting by what only lists it. */
export function LaterSite({ children }: { children: ReactNode }) {
  const store = useOpenSiteStore();
  const [later, setLater] = useState(() => store.getState().site);
  useLayoutEffect(() => {
    let callOff: (() => void) | null = null;
    const draw = () => {
      callOff = null;
      startTransition(() => setLater(store.getState().site));
    };
    const unsubscribe = store.subscribe(({ site: now }, { site: before }) => {
      if (now !== before) callOff ??= afterPainting(draw);
    });
    // It may be another by now.
    draw();
    return () => {
      callOff?.();
      unsubscribe();
    };
  }, [store]);
  return <LaterSiteContext value={later}>{children}</LaterSiteContext>;
}

/** How long a hand has to rest until what was shown ahead is drawn, and after how long that is done in any case, in ms. */
const AHEAD = { rest: 120, most: 400 };

/**
 * The open document at once, also inside `LaterSite`: for what shows an edit first. What `ahead` shows by itself is drawn when the hand
 * rests and the work has ended that `ahead` gives, which finds elsewhere what the drawing needs: so this keeps no hand waiting. Where it
 * shows nothing, it gives null.
 */
export function useSiteNow(ahead: (before: Site, after: Site) => Promise<void> | null): Site {
  const store = useOpenSiteStore();
  const [site, setSite] = useState(() => store.getState().site);
  const told = useRef(ahead);
  useLayoutEffect(() => {
    told.current = ahead;
  });
  useLayoutEffect(() => {
    let resting: ReturnType<typeof setTimeout> | undefined;
    let longest: ReturnType<typeof setTimeout> | undefined;
    let newest: Promise<void> | null = null;
    let callOff: (() => void) | null = null;
    const callAllOff = () => {
      clearTimeout(resting);
      clearTimeout(longest);
      longest = undefined;
      newest = null;
      callOff?.();
      callOff = null;
    };
    const draw = () => {
      callAllOff();
      setSite(store.getState().site);
    };
    const drawSoon = () => {
      callAllOff();
      callOff = afterPainting(draw);
    };
    const unsubscribe = store.subscribe(({ site: now }, { site: before }) => {
      if (now === before) return;
      const working = told.current(before, now);
      if (working === null) return draw();
      // What is about to be drawn is drawn with it.
      if (callOff) return;
      longest ??= setTimeout(drawSoon, AHEAD.most);
      clearTimeout(resting);
      const rests = new Promise<void>((resolve) => (resting = setTimeout(resolve, AHEAD.rest)));
      newest = working;
      void Promise.all([rests, working]).then(() => {
        if (newest === working) drawSoon();
      });
    });
    // It may be another by now.
    draw();
    return () => {
      callAllOff();
      unsubscribe();
    };
  }, [store]);
  return site;
}

/** The open document. */
export function useSite(): Site {
  const later = useContext(LaterSiteContext);
  const now = useOpenSite((state) => (later === null ? state.site : null));
  return (later ?? now)!;
}

/** Gives the open document as it is when it is asked: for what is done to it by a hand that is faster than the drawing. */
export function useLatestSite(): () => Site {
  const store = useOpenSiteStore();
  return () => store.getState().site;
}

/** Applies edits to the open site. */
export const useEdit = () => useOpenSite((state) => state.edit);
