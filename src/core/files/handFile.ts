/** All that is remembered of a knitter's hand, kept in the browser and as a file of its own. */
import { faultsOf } from "./faults";
import * as z from "zod/mini";
import { handOf, withSaid } from "../belief/hand";
import { count, words } from "../project/boundedNumbers";
import { deviation, HAND_IDS, HAND_SIZE, LEAST_SD, type Hand, type HandId } from "../project/hand";
import { say, type Message } from "../words/message";

const HAND_FORMAT = "brenok-hand";
export const HAND_EXTENSION = ".brenok-hand.json";
const VERSION = 1;
/** More projects than this are not remembered. */
export const MOST_PROJECTS = 200;
const MOST_CHARACTERS = 1_000_000;

const figure = z.number().check(z.minimum(-1e9), z.maximum(1e9));

/** A finished project, and what it told of the hand by itself: see `HandEvidence`. */
const closedProject = z.strictObject({
  /** Its name among projects, and the knitter's. */
  id: words(64),
  name: words(120),
  /** When it was closed, in ms since 1970. */
  at: count({ least: 0, most: 1e14 }),
  gramsPerM: z.number().check(z.minimum(0.001), z.maximum(100)),
  evidence: z.strictObject({
    information: z.readonly(z.array(figure).check(z.length(HAND_SIZE ** 2))),
    vector: z.readonly(z.array(figure).check(z.length(HAND_SIZE))),
  }),
});
export type ClosedProject = z.infer<typeof closedProject>;

/** What a knitter says of one thing of the hand, whatever projects told. */
const said = z.strictObject({
  mean: deviation,
  sd: z.number().check(z.minimum(LEAST_SD), z.maximum(2)),
});

const handFileSchema = z.strictObject({
  format: z.literal(HAND_FORMAT),
  version: z.literal(VERSION),
  /** In the order in which they were closed. */
  closed: z.array(closedProject).check(z.maxLength(MOST_PROJECTS)),
  said: z.partialRecord(z.enum(HAND_IDS), said),
});

/** Projects that were closed, and what the knitter says of the hand by word. */
export type Remembered = Pick<z.infer<typeof handFileSchema>, "closed" | "said">;

/** The hand that the next project begins with; null where nothing is remembered. Throws where figures cannot be so. */
export function handBy({ closed, said }: Remembered): Hand | null {
  const hand = handOf(closed);
  return (
    hand &&
    (Object.keys(said) as HandId[]).reduce((by, id) => {
      const one = said[id];
      return one ? withSaid(by, id, one) : by;
    }, hand)
  );
}

export const writeHand = ({ closed, said }: Remembered) =>
  `${JSON.stringify({ format: HAND_FORMAT, version: VERSION, closed, said }, null, 1)}\n`;

type ReadHand =
  | { readonly ok: true; readonly remembered: Remembered; readonly hand: Hand | null }
  | { readonly ok: false; readonly message: Message };

/**
 * Reads what `writeHand` wrote. Errors: too large, no JSON, a part that cannot be, with its path; figures that no
 * project can have told.
 */
export function readHand(text: string): ReadHand {
  if (text.length > MOST_CHARACTERS) return { ok: false, message: say("fileTooLarge") };
  let found: unknown;
  try {
    found = JSON.parse(text);
  } catch {
    return { ok: false, message: say("notJson") };
  }
  const checked = handFileSchema.safeParse(found);
  if (!checked.success) {
    const [first] = faultsOf(checked.error.issues, found);
    return { ok: false, message: first?.message ?? say("notJson") };
  }
  const { closed, said } = checked.data;
  try {
    return { ok: true, remembered: { closed, said }, hand: handBy({ closed, said }) };
  } catch {
    return { ok: false, message: say("handCannotBe") };
  }
}
