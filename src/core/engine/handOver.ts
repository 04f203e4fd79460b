/** An answer on its way to where it is looked at: pieces that are as they were last time are not sent again. */
import type { KnownSeen, Seen, SeenPiece, SeenSection } from "./seen";

type Worked = readonly SeenSection[];

/** An answer as it is sent: a piece that is known already is told by its id alone. */
export type HandedOver =
  | Exclude<Seen, KnownSeen>
  | (Omit<Seen & KnownSeen, "estimate" | "worked"> & {
      readonly estimate: Omit<KnownSeen["estimate"], "pieces"> & {
        readonly pieces: readonly (SeenPiece | string)[];
      };
      readonly worked: readonly (readonly [id: string, worked: Worked | null])[];
    });

/** What is remembered of the last answer, at either end. */
interface Last {
  pieces: ReadonlyMap<string, SeenPiece>;
  worked: ReadonlyMap<string, Worked>;
}

const nothing = (): Last => ({ pieces: new Map(), worked: new Map() });

const byId = (pieces: readonly SeenPiece[]) => new Map(pieces.map((piece) => [piece.id, piece]));

/** The end that sends. Example: of the same answer sent twice, the second has no piece in it but by its id. */
export class Sender {
  #last = nothing();

  send(seen: Seen): HandedOver {
    if (!seen.known) return seen;
    const last = this.#last;
    const { pieces } = seen.estimate;
    this.#last = { pieces: byId(pieces), worked: seen.worked };
    return {
      ...seen,
      estimate: {
        ...seen.estimate,
        pieces: pieces.map((piece) => (last.pieces.get(piece.id) === piece ? piece.id : piece)),
      },
      worked: [...seen.worked].map(([id, worked]) => [id, last.worked.get(id) === worked ? null : worked]),
    };
  }
}

/** The end that receives all that one sender sends, in the order in which that is sent. */
export class Receiver {
  #last = nothing();

  receive(handed: HandedOver): Seen {
    if (!handed.known) return handed;
    const last = this.#last;
    const pieces = handed.estimate.pieces.map((piece) =>
      typeof piece === "string" ? (last.pieces.get(piece) as SeenPiece) : piece,
    );
    const worked = new Map(
      handed.worked.map(([id, sections]) => [id, sections ?? (last.worked.get(id) as Worked)]),
    );
    this.#last = { pieces: byId(pieces), worked };
    return { ...handed, estimate: { ...handed.estimate, pieces }, worked };
  }
}
