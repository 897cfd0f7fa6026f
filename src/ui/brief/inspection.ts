/** What checks a brief as it is typed: fetched once the form stands. */
export { inspectBrief } from '@/core/brief';
export { salvage } from './salvage';
