/** Log lines, one JSON object each, on standard output. They hold no body, no address and no name of anybody. */

type Level = "info" | "warn" | "error";

export interface Log {
  readonly say: (level: Level, event: string, more?: object) => void;
}

/** Writes lines by `write`; `now` tells the time. */
export const logTo = (write: (line: string) => void, now: () => Date): Log => ({
  say: (level, event, more = {}) =>
    write(`${JSON.stringify({ at: now().toISOString(), level, event, ...more })}\n`),
});

export const silent: Log = { say: () => {} };
