/** What reads a draft that was kept in this browser: fetched where there is one. */
export { readStoredBrief } from '@/core/brief';
