import { pino } from 'pino';

/**
 * Lines of JSON: what happened, when, in which request. Never a name, an address, a word of an entry or a
 * token: paths are written as their routes.
 */
export const log = pino({
  level: process.env.LOG_LEVEL ?? 'info',
  base: { process: process.pid },
  timestamp: pino.stdTimeFunctions.isoTime,
  formatters: { level: (level) => ({ level }) },
  messageKey: 'says',
});
