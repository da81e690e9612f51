import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { renderFiles, type Scripts, type SiteFile } from './files';
import { STYLESHEET } from './page/page';
import { partFiles, PLACES } from './places/part-files';
import { COMPONENTS_INDEX, reactFiles } from './react/react-files';

/** A form in which a site is handed over: its name, what it is for, and its files. */
interface HandoverForm {
  label: string;
  about: string;
  /** A file that every folder of this form holds, and hardly any other. */
  mark: string;
  filesOf(site: Site, scripts: Scripts, advances: Advances): SiteFile[];
}

/** The forms in which a site is handed over. */
export const handoverForms = {
  website: {
    label: 'Website',
    about: 'All pages as plain files, to be put on a host.',
    mark: STYLESHEET,
    filesOf: renderFiles,
  },
  parts: {
    label: 'Parts',
    about:
      'Head, headers, drawers and footers as HTML, each once, with named places for what differs by page.',
    mark: PLACES,
    filesOf: partFiles,
  },
  react: {
    label: 'React components',
    about: 'Headers, drawers and footers as typed components, for an application with a router of its own.',
    mark: COMPONENTS_INDEX,
    filesOf: reactFiles,
  },
} satisfies Record<string, HandoverForm>;

export type HandoverFormId = keyof typeof handoverForms;
export const isHandoverForm = (id: string): id is HandoverFormId => Object.hasOwn(handoverForms, id);
