'use client';

import { createContext, useContext, useEffect, useId, useRef, useState, type ReactNode } from 'react';

/** Something that can be done on the screen, by its name. */
export interface Action {
  /** The heading that it is listed under. */
  group: string;
  label: string;
  run(): void;
}

/** What each part of the screen offers, by the id of the part: asked for when somebody wants to see it. */
type Registry = Map<string, () => readonly Action[]>;

const Context = createContext<Registry | null>(null);

/** Inside it, parts of the screen offer what can be done with them, and the list of actions shows it. */
export function ActionsProvider({ children }: { children: ReactNode }) {
  const [registry] = useState<Registry>(() => new Map());
  return <Context value={registry}>{children}</Context>;
}

function useRegistry(): Registry {
  const registry = useContext(Context);
  if (!registry) throw new Error('Actions are offered outside of ActionsProvider');
  return registry;
}

/** Gives every action that is offered at the moment of asking. */
export function useOfferedActions(): () => Action[] {
  const registry = useRegistry();
  return () => [...registry.values()].flatMap((offer) => offer());
}

/** Offers actions as long as the component stands: those of its latest drawing. */
export function useActions(offer: () => readonly Action[]): void {
  const part = useId();
  const registry = useRegistry();
  const latest = useRef(offer);
  useEffect(() => {
    latest.current = offer;
  });
  useEffect(() => {
    registry.set(part, () => latest.current());
    return () => void registry.delete(part);
  }, [registry, part]);
}
