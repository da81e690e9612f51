import { ownScript } from '@/server/own-script';

/** The script of views, which shows there what the workbench sends (src/frame). */
export const { GET, POST, PUT, PATCH, DELETE } = ownScript('frame-host');
