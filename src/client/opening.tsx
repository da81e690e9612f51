'use client';

import { useLayoutEffect, type ReactNode } from 'react';
import { takeWay } from '@/core/fit/way-down';
import type { Id } from '@/core/ids/id';
import type { OpeningAt } from '@/core/render/opening';
import { renderStylesheet, takeStylesheet } from '@/core/render/stylesheet/stylesheet';
import { fromLists, nothingMeasured } from '@/core/text/measuring';
import type { OpenSite } from './open-site';
import { useAdvancesStore, useOpenSiteStore } from './open-site-context';
import { takeSurveys } from './fit-survey';
import type { AdvancesStore } from './text-advances';
import { whenIdle, whenSettled } from './when-settled';

/** Works out here what was taken over, part by part when nothing else is to be done, so that the first edit finds it and works out only what it changes. */
function workOutLater(shown: OpeningAt['shown'], work: (part: ReadonlySet<Id | null>) => boolean): void {
  const parts = [new Set<Id>(), ...shown.map((id) => new Set([id]))];
  const next = () => {
    const part = parts.shift();
    if (part && work(part)) whenIdle(next);
  };
  whenSettled(next);
}

/**
 * Takes over what the server worked out to open a workbench with: what it knows of texts, and, where that is of the very document that
 * is open, where rules begin, what the views are styled with and what the ruler tells.
 */
export function takeOpening(
  text: string,
  open: () => Pick<OpenSite, 'site' | 'revision' | 'saveState'>,
  texts: AdvancesStore,
): void {
  const {
    revision: known,
    kind,
    assembly: id,
    texts: lists,
    way,
    shown,
    stylesheet,
    surveys,
  }: OpeningAt = JSON.parse(text);
  const { site, revision, saveState } = open();
  texts.learn(fromLists(lists));
  whenSettled(() => texts.prepare());
  const { advances } = texts.getState();
  const assembly = site[kind][id];
  if (known !== revision || saveState !== 'saved' || !assembly) return;
  if (way) takeWay(site, advances, assembly, way);
  if (surveys.survey.complete) takeSurveys(site, { kind, assembly: id }, surveys);
  takeStylesheet(site, advances, { shown: new Set(shown), stylesheet });
  workOutLater(shown, (part) => {
    if (open().site !== site || texts.getState().advances !== advances) return false;
    renderStylesheet(site, advances, part);
    return true;
  });
}

/** What is opened with what the server works out for it, as JSON (`OpeningAt`): until that has come, nothing is measured here. */
export function Opened({ opening, children }: { opening: Promise<string> | null; children: ReactNode }) {
  const store = useOpenSiteStore();
  const texts = useAdvancesStore();
  useLayoutEffect(() => {
    if (!opening) return;
    texts.waitFor();
    opening.then(
      (text) => takeOpening(text, store.getState, texts),
      () => texts.learn(nothingMeasured()),
    );
  }, [opening, store, texts]);
  return children;
}
