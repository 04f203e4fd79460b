/** Names that a pattern explains for itself: "MB = 5 sts, 2 rows", "C3F = 2/1 LC", "nupp = 5 loops". */
import { readCrossingName } from "../stitches/crossingNames";
import { bobble, nupp, type Operation } from "../stitches/operations";
import { say } from "../words/message";
import type { UnplacedFinding } from "./findings";
import { plainName, type Definitions } from "./names";
import type { Statement } from "./statements";
import { BobbleName, CrossingName, NuppName, Whole } from "./tokens";

/** The most that a bobble or a nupp can be without being a piece of its own. */
const MOST = 25;

/** Reads all definitions; one that cannot be read is told and left out. */
export function definitionsOf(statements: readonly Statement[], told: UnplacedFinding[]): Definitions {
  const operations = new Map<string, Operation>();
  const crossings = new Map<string, string>();
  for (const { kind, tokens } of statements) {
    if (kind !== "define") continue;
    const [name, , ...meaning] = tokens;
    if (!name) continue;
    const numbers = meaning.filter(({ tokenType }) => tokenType === Whole).map(({ image }) => Number(image));
    const [count = 0, rows = 1] = numbers;
    const fits = count >= 1 && count <= MOST && rows <= MOST;
    const crossing = meaning.find(({ tokenType }) => tokenType === CrossingName);
    if (name.tokenType === BobbleName && fits) operations.set(name.image.toLowerCase(), bobble(count, rows));
    else if (name.tokenType === NuppName && fits) operations.set(name.image.toLowerCase(), nupp(count));
    else if (name.tokenType === CrossingName && crossing && readCrossingName(crossing.image))
      crossings.set(plainName(name.image), crossing.image);
    else
      told.push({
        severity: "error",
        row: null,
        from: name.startOffset,
        to: (tokens.at(-1)?.endOffset ?? name.startOffset) + 1,
        message: say("definitionNotRead", { name: name.image }),
        mends: [],
      });
  }
  return { operations, crossings };
}
