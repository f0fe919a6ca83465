import { pino } from 'pino';

/** The server's own log, one JSON line an event, to standard error. */
export const logger = pino({ level: process.env.UNCINUS_LOG ?? 'info', base: null }, pino.destination(2));
