import { ownScript } from '@/server/own-script';

/** The script of pages that are tried, which tells the screen around them what is met there (src/teller). */
export const { GET, POST, PUT, PATCH, DELETE } = ownScript('tried');
