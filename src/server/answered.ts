/** What every call is answered with, whoever worked it out. */
import type { ZodError } from "zod";

/** One way to mend a text: its characters from `from` up to `to` become `text`. */
interface DiagnosticMend {
  readonly label: string;
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

/** A place in the request: a path in its JSON, or a line and column in a text of it; and what to do there. */
export type Diagnostic =
  | { readonly path: string; readonly message: string }
  | {
      readonly line: number;
      readonly column: number;
      readonly message: string;
      /** The row that it is about, where it is about one. */
      readonly row?: number;
      readonly mends?: readonly DiagnosticMend[];
    };

/** An answer before it is sent: `body` is JSON, unless its headers say otherwise. */
export interface Answered {
  readonly status: number;
  readonly body: string;
  readonly headers?: Readonly<Record<string, string>>;
}

/** An answer that is sent line by line, as the lines come. */
export interface Streamed {
  readonly status: number;
  readonly lines: AsyncIterable<string>;
  readonly headers?: Readonly<Record<string, string>>;
}

/** 200 with what was asked for. */
export const answered = (told: object): Answered => ({ status: 200, body: JSON.stringify(told) });

/** A refusal: why, and where there is something to do. */
export const refused = (
  status: number,
  error: string,
  diagnostics: readonly Diagnostic[] = [],
  headers: Readonly<Record<string, string>> = {},
): Answered => ({ status, body: JSON.stringify({ error, diagnostics }), headers });

/** 422: the request can be understood, but not answered as it is. */
export const unanswerable = (error: string, diagnostics: readonly Diagnostic[]) =>
  refused(422, error, diagnostics);

/** 500: a fault of the server's own. */
export const broken = refused(500, "Something is broken here, and not in what was sent.");

/** Refused for the moment: whoever asks again in two seconds may be answered. */
export const notNow = (status: 429 | 503, error: string) =>
  refused(status, error, [], { "retry-after": "2" });

/** The findings of a schema as diagnostics, each with its path. */
export const diagnosticsOf = ({ issues }: ZodError): readonly Diagnostic[] =>
  issues.map(({ path, message }) => ({ path: path.join(".") || "body", message }));
