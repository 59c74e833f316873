import { pino } from "pino";

/** Parameters of queries are user text and stay out of the log: only messages and stacks are written. */
export const log = pino({
  level: process.env.UMIAK_LOG ?? "warn",
  serializers: {
    err: (error: Error & { code?: unknown; query?: string }) => ({
      type: error.name,
      code: error.code,
      message: error.query ? "a query failed" : error.message,
      stack: error.query ? undefined : error.stack,
    }),
  },
});
