/** A whole written pattern as a project, with what each of its sentences was taken for. */
import { z } from "zod";
import { writeProject } from "@/core/files/projectFile";
import { readWhole } from "@/core/pattern/readWhole";
import { MOST_LETTERS, type TakenPhrase } from "@/core/pattern/taken";
import { plainly } from "@/core/words/plainly";
import { answered, unanswerable, type Answered } from "../answered";
import { askedIn } from "../json";

const ask = z.strictObject({
  /** The pattern as it is printed. */
  text: z.string().min(1, "Send the text of a pattern.").max(MOST_LETTERS),
  /** Which of its sizes, counted from 0. */
  size: z.int().min(0).max(40).default(0),
  /** What sentences say in other words; nothing where nothing is worked by them. */
  settled: z.record(z.string().max(2000), z.string().max(2000)).default({}),
  /** Stitches for signs of its charts that no key explains. */
  links: z.record(z.string().max(8), z.string().max(40)).default({}),
  /** What is worked in rows that its charts leave out. */
  between: z.enum(["shown", "purl"]).nullable().default(null),
});

/** A sentence as it is answered: its place, what it was taken for, and what is wrong with it. */
function toldOf({ from, to, text, taken, printed, chart }: TakenPhrase) {
  const why = taken.as === "unread" ? taken.why : taken.as === "work" ? taken.wrong : null;
  return {
    from,
    to,
    text,
    as: taken.as,
    ...(taken.as === "work" && { piece: taken.pieceId, sections: taken.sections }),
    ...(taken.as === "panel" && { panel: taken.panelId }),
    ...(taken.as === "fact" && { fact: plainly(taken.fact) }),
    ...(printed !== null && { printed }),
    ...(why && { wrong: plainly(why) }),
    ...(chart && { chart: { signs: chart.signs, rows: chart.rows, between: chart.between } }),
  };
}

/** Example: "Scarf\nCast on 40 sts. Knit 8 rows. Bind off." is a project of one piece, `complete`. */
export function patternOf(body: string): Answered {
  const asked = askedIn(body, ask);
  if (!asked.ok) return asked.refusal;
  const { text, size, ...said } = asked.value;
  const { title, sizes, phrases, facts, project } = readWhole(text, { size, ...said });
  if (size > 0 && size >= sizes.length)
    return unanswerable("The pattern has no such size.", [
      {
        path: "size",
        message:
          sizes.length > 1 ? `Its sizes are ${sizes.join(", ")}, counted from 0.` : "It has one size: 0.",
      },
    ]);
  const told = phrases.map(toldOf);
  return answered({
    title,
    sizes,
    balls: facts.balls,
    complete: project !== null && told.every((phrase) => !("wrong" in phrase)),
    phrases: told,
    project: project && (JSON.parse(writeProject(project)) as unknown),
  });
}
