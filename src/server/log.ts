import pino from 'pino';
import { env } from './env';

/** The server's log: one JSON line an event, never a brief's content. */
export const log = pino({ level: env().LOG_LEVEL });
