/** A whole pattern read: what each of its sentences was taken for, and the project that comes of it. */
import { newAsks } from "../project/asks";
import { COUNTS } from "../project/bounds";
import { emptyProject, type Project } from "../project/project";
import { say } from "../words/message";
import { usualPutUp } from "../yarn/classes";
import { readSigns } from "../signs/readSigns";
import { cut, marksIn } from "./cut";
import { PatternReader } from "./patternReader";
import { MOST_LETTERS, type WholeOptions, type WholePattern } from "./taken";

/** The project that comes of a pattern; null where it has no piece. */
function projectOf({ title, facts, needles, panels, seams, pieces }: PatternReader): Project | null {
  const begun = pieces.map((one) => one.piece()).filter(({ sections }) => sections.length > 0);
  if (begun.length === 0) return null;
  const empty = emptyProject();
  const putUp = facts.yarn?.putUp;
  return {
    ...empty,
    name: (title || "From a pattern").slice(0, 120),
    needleMm: needles.mainMm,
    gauge: facts.gauge ? { ...facts.gauge, source: "band" } : empty.gauge,
    asks: newAsks({
      balls: facts.balls === null || facts.balls > COUNTS.balls.most ? null : facts.balls,
      ball: putUp ?? null,
    }),
    panels: [...panels],
    seams: [...seams],
    yarns: empty.yarns.map((yarn) => ({
      ...yarn,
      name: (facts.yarn?.name || "The pattern’s yarn").slice(0, 120),
      ...(putUp
        ? { putUp }
        : { bandClass: "aran" as const, putUp: usualPutUp("aran"), putUpFrom: "usual" as const }),
    })),
    pieces: begun,
  };
}

/**
 * Reads a whole pattern; it never throws, whatever the text. What is not understood stands in the project as rows
 * that are not read, so that its answer says what is missing.
 * Example: "Scarf\nCast on 40 sts. Work in garter st for 150 cm. Bind off." is one piece of three sections.
 */
export function readWhole(text: string, options: WholeOptions = {}): WholePattern {
  const whole = text.slice(0, MOST_LETTERS);
  const { links = {}, between = null } = options;
  const phrases = cut(whole, readSigns(whole, { links, between }));
  const reader = new PatternReader(phrases, marksIn(whole), options);
  reader.run();
  const rest = text.slice(MOST_LETTERS).trim();
  const taken = [...reader.taken];
  if (rest !== "")
    taken.push({
      from: MOST_LETTERS,
      to: text.length,
      text: rest.slice(0, 200),
      taken: { as: "unread", why: say("patternTooLong"), pieceId: null, sectionId: null },
      printed: null,
    });
  const { title, sizes, facts } = reader;
  return { title, sizes, phrases: taken, facts, project: projectOf(reader) };
}
