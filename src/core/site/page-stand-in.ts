import * as v from 'valibot';

/** The drawn pictures that stand-ins begin with or hold: each is bright, dark or busy behind a header. */
export type StandInPicture = 'shore' | 'deck' | 'harbour' | 'dusk' | 'night';

/** The blocks that stand-ins are made of, besides the picture at their beginning. */
export type StandInBlock = 'lead' | 'parts' | 'timetable' | 'fares' | 'news' | { plate: StandInPicture };

interface PageStandIn {
  /** As designers read it. */
  name: string;
  /** What it begins with, which a header may lie over; null where it begins with words. */
  opening: StandInPicture | null;
  /** What follows, in rows of at most two blocks beside each other. */
  rows: readonly (readonly StandInBlock[])[];
}

const opening = (name: string, picture: StandInPicture): PageStandIn => ({
  name,
  opening: picture,
  rows: [['lead', 'timetable'], ['news'], ['parts']],
});

/** What can stand in for the content of a page, which is not ours to design: so much that headers and footers are judged in a surrounding. */
export const pageStandIns = {
  article: { name: 'Article', opening: null, rows: [['lead'], ['parts']] },
  story: { name: 'Article with a picture', opening: null, rows: [['lead'], [{ plate: 'dusk' }], ['parts']] },
  short: { name: 'A few lines', opening: null, rows: [['lead']] },
  timetable: { name: 'Timetable', opening: null, rows: [['lead'], ['timetable', 'news'], ['parts']] },
  fares: { name: 'Fares', opening: null, rows: [['lead'], ['fares'], ['parts']] },
  news: { name: 'News', opening: null, rows: [['lead'], ['news'], ['parts']] },
  shore: opening('Picture, bright: a shore', 'shore'),
  deck: opening('Picture, bright: a deck', 'deck'),
  harbour: opening('Picture, busy: a harbour', 'harbour'),
  dusk: opening('Picture, dark: islands at dusk', 'dusk'),
  night: opening('Picture, dark: a night sky', 'night'),
} satisfies Record<string, PageStandIn>;

export type PageStandInId = keyof typeof pageStandIns;
export const pageStandInSchema = v.picklist(Object.keys(pageStandIns) as PageStandInId[]);

/** What stands in for the content of a page: as it says, or a picture on the home page and an article elsewhere. */
export function pageStandInOf({
  standIn,
  path,
}: {
  standIn?: PageStandInId | undefined;
  path: string;
}): PageStandInId {
  return standIn ?? (path === '/' ? 'shore' : 'article');
}

/** Whether the stand-in of a page begins with a picture, which a header may lie over. */
export function beginsWithPicture(page: Parameters<typeof pageStandInOf>[0]): boolean {
  return pageStandIns[pageStandInOf(page)].opening !== null;
}

/** The height of that picture, in CSS px. */
export const STAND_IN_PICTURE = 288;
