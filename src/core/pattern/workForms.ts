/** How patterns say what is worked. Each line is a way of saying it; the examples in the test are those of the page. */
import { CAST_OFF_IDS, CAST_ON_IDS, type CastOff, type CastOn } from "../project/edgeKinds";
import type { GroundId } from "../panels/grounds";
import { fits, form, lengthMm as millimetresIn, type Form, type Slots } from "./forms";
import type { Change, Edge, Extent, Needle, Often, RowsMeant, Step, UpTo } from "./steps";

const GROUNDS: readonly (readonly [RegExp, GroundId])[] = [
  [/^(?:k2 (?:x )?p2|2 ?x ?2|2\/2) rib(?:bing)? $/, "rib2"],
  [/^(?:k1 (?:x )?p1|1 ?x ?1|1\/1) rib(?:bing)? $/, "rib1"],
  [/^(?:twisted|k1 tbl p1) rib(?:bing)? $/, "twistedRib"],
  [/^garter (?:sts )?$/, "garter"],
  [/^stockinette (?:sts )?$/, "stockinette"],
  [/^reversestockinette (?:sts )?$/, "reverse"],
  [/^seed (?:sts )?$/, "seed"],
];

const NEEDLE =
  "(?:with |using |on |to )?(?:(?:smaller|larger|main) |(?:size )?\\d+(?:\\.\\d+)? ?mm )(?:circular |straight |double-pointed )?needles ";

/** Slots that only sentences of work have. */
const OWN = {
  needle: NEEDLE,
  needle2: NEEDLE,
  ground:
    "(?:[^ ]+ ){1,4}?(?:rib |ribbing |sts |garter |stockinette |reversestockinette |seed )|stockinette |reversestockinette |garter ",
  extent:
    "(?:for \\d+ (?:more )?rows |\\d+ (?:more )?(?:times |timesinall )(?:more )?|for (?:another |further )?\\d+(?:\\.\\d+)? ?(?:\\.5 ?)?(?:cm|mm|inches|in) |until (?:[^ ]+ ){1,3}?measures? \\d+(?:\\.\\d+)? ?(?:\\.5 ?)?(?:cm|mm|inches|in) (?:(?:from |above )(?:(?:[^ ]+ )?beginning |caston (?:edge )?|(?:[^ ]+ )?(?:armhole|dividing|division|pick-up|underarm) (?:rows )?(?:edge )?|(?:[^ ]+ )?bindoff(?: edge)? )|from here )?)(?:(?:ending |end )(?:with |after |on )?(?:rightside |wrongside |rows \\d+ |knit |purl |k |p )(?:rows )?(?:facing for next rows )?)?",
  long: "\\d+(?:\\.\\d+)? ?(?:\\.5 ?)?(?:cm|mm|inches|in) ",
  edge: "(?:at |on )?(?:each end |each side |both ends |both sides |each edge |both edges |each (?:neck|armhole) edge |(?:neck|armhole|side|front) edge |(?:each |both )?(?:neck|armhole) edges? )",
  method: "(?:[^ ]+ ){1,3}?",
  of: "(?:[^ ]+ ){1,4}?",
  across: "[^]*",
  range: "\\d+ ?(?:-|to|and) ?\\d+ ",
  chart: "(?:[^ ]+ ){0,3}?(?:chart|panel) (?:(?:[a-z]|\\d+) )?",
  inPattern: "in pattern ",
  begins: "(?:beginning|starting) with (?:rightside |wrongside )?(?:knit |purl |k |p )?rows ",
  first: "\\d+th ",
  worked: "(?:work |knit |pattern |k |k(?=\\d)|p(?=\\d))(?:across )?\\d+ ",
  toEnd:
    "(?:and )?(?:work |knit |k |pattern )?(?:in pattern )?(?:to end(?: rows)?|remain \\d+ sts|\\d+ sts) ",
  picks: "[^]*?\\d+ sts [^]*",
};

const needleOf = (said: unknown): Needle | null => {
  const words = String(said ?? "");
  const [, mm] = /(\d+(?:\.\d+)?) ?mm/.exec(words) ?? [];
  if (mm) return { mm: Number(mm) };
  if (/smaller/.test(words)) return { which: "smaller" };
  return /larger|main/.test(words) ? { which: "larger" } : null;
};

const groundOf = (said: unknown): GroundId | null =>
  GROUNDS.find(([pattern]) => pattern.test(`${String(said ?? "").trim()} `))?.[1] ?? null;

/** Example: "3 times more" is three, and the time before is not one of them. */
function timesOf(said: unknown): { readonly times: number; readonly how: Often } | null {
  const [, count] = /^(\d+) (?:more )?times/.exec(String(said ?? "")) ?? [];
  if (count === undefined) return null;
  const how = /more/.test(String(said)) ? "more" : /inall/.test(String(said)) ? "inAll" : "said";
  return { times: Number(count), how };
}

/** Example: "until piece measures 38 cm from beginning" is a length from the first edge. */
function extentOf(said: unknown): Extent | null {
  const words = String(said ?? "");
  const times = timesOf(words);
  if (times) return { by: "times", ...times };
  const [, rows] = /^for (\d+) (?:more )?rows/.exec(words) ?? [];
  if (rows) return { by: "rows", rows: Number(rows) };
  const [length] = /\d+(?:\.\d+)? ?(?:\.5)? ?(?:cm|mm|inches|in)\b/.exec(words) ?? [];
  if (length === undefined) return null;
  const lengthMm = millimetresIn(length);
  if (words.startsWith("for ") || /from here/.test(words)) return { by: "length", lengthMm, from: "here" };
  if (
    /until (?:[^ ]+ )*?(?:armholes?|raglan|yoke) measures?|from (?:[^ ]+ )?(?:armhole|dividing|underarm|division)/.test(
      words,
    )
  )
    return { by: "length", lengthMm, from: "armhole" };
  return {
    by: "length",
    lengthMm,
    from: /until (?:rib|ribbing|band|border) /.test(words) ? "here" : "piece",
  };
}

const edgeOf = (said: unknown): Edge => {
  const words = String(said ?? "");
  if (/neck|front/.test(words)) return "neck";
  // Where a piece lies whole each end is meant; where it is divided there is one armhole to each side.
  if (/\b(?:each|both) armhole/.test(words)) return "edges";
  return /armhole|side edge/.test(words) ? "armhole" : "edges";
};

const castOnMethod = (said: unknown): CastOn | null => {
  const words = String(said ?? "").replace(/[ -]|caston|method/g, "");
  return CAST_ON_IDS.find((id) => id.toLowerCase() === words) ?? null;
};

const castOffMethod = (said: unknown): CastOff =>
  CAST_OFF_IDS.find((id) =>
    id.toLowerCase().startsWith(String(said ?? "never").replace(/[ -]|bindoff|needles?/g, "")),
  ) ?? "plain";

const changeOf = ({ way, stitches, stitches2 }: Slots): Change =>
  typeof stitches === "number"
    ? { by: stitches, way: way as "decrease" | "increase" }
    : { to: stitches2 as number };

/** Example: "k34" and "work across 34" are 34. */
const lastNumber = (said: unknown): number => Number(/\d+$/.exec(String(said))?.[0] ?? NaN);

const number = (value: unknown): number | null => (typeof value === "number" ? value : null);

const rowsMeant = ({ range, rows }: Slots): RowsMeant => {
  if (typeof rows === "number") return { last: rows };
  const [, from, to] = /^(\d+)[^\d]+(\d+)/.exec(String(range ?? "")) ?? [];
  return from === undefined ? "these" : { from: Number(from), to: Number(to) };
};

type Made = Step | readonly Step[] | null;

interface WorkForm {
  readonly form: Form;
  readonly step: (slots: Slots) => Made;
}

const say = (written: string, step: (slots: Slots) => Made): WorkForm => ({ form: form(written, OWN), step });
const nothing = (written: string) => say(written, () => ({ does: "nothing" }));

const castOn = ({ stitches, method, needle, needle2 }: Slots, round: boolean): Step => ({
  does: "castOn",
  stitches: stitches as number,
  round,
  method: castOnMethod(method),
  needle: needleOf(needle ?? needle2),
});

const ground = (slots: Slots, extent: Extent | null): Made => {
  const found = groundOf(slots.ground);
  if (!found) return null;
  const needle = needleOf(slots.needle);
  const step: Step = { does: "ground", ground: found, extent };
  return needle ? [{ does: "needle", needle }, step] : step;
};

const shape = (slots: Slots, given: Partial<Extract<Step, { does: "shape" }>>): Step => ({
  does: "shape",
  way: slots.way as "decrease" | "increase",
  stitches: slots.stitches as number,
  at: edgeOf(slots.edge),
  first: Number(/\d+/.exec(String(slots.first ?? ""))?.[0] ?? 1),
  every: number(slots.every) ?? 2,
  times: timesOf(slots.times)?.times ?? null,
  how: timesOf(slots.times)?.how ?? "said",
  to: number(slots.stitches2),
  andNext: false,
  ...given,
});

const castOffAt = (slots: Slots, at: Edge, rows: number): Step => ({
  does: "castOffAt",
  stitches: slots.stitches as number,
  at,
  rows,
  side: (slots.side as "RS" | "WS" | undefined) ?? null,
});

/** A count along an edge; "along each side" is along two. */
const PICKED_UP = /(\d+) sts((?:(?!\d+ sts)[^])*)/g;

/** What is picked up along several edges, told one by one; what is on hold comes along. */
const pickUp = (said: string): Step => ({
  does: "pickUp",
  stitches: [...said.matchAll(PICKED_UP)].reduce(
    (sum, [, count, along = ""]) => sum + Number(count) * (/\b(?:each|both)\b/.test(along) ? 2 : 1),
    0,
  ),
  held: /holder|held|waste yarn/.test(said),
});

/** Worked as another piece is. */
const AS_FOR = "(work|make|knit) [exactly] (as for|same as|as given for|as) {of}";

const as = ({ of }: Slots, given: { readonly upTo?: UpTo | null; readonly reversed?: boolean }): Step => ({
  does: "as",
  piece: of as string,
  upTo: null,
  reversed: false,
  ...given,
});

/** As it was worked before; "in pattern" alone may be the first time. */
const IN_PATTERN = "in pattern as established|in established pattern|{inPattern}|as established|as before";

/** How often, or to which count. */
const OFTEN = "({times}|until [there are] {stitches2} sts [remain|on needles]|to {stitches2} sts)";

/** In the order in which they are tried. */
const WORK_FORMS: readonly WorkForm[] = [
  // Casting on
  ...[false, true].map((round) =>
    say(
      `[{needle}] caston {stitches} sts [using {method} (method|caston)] [{needle2}] ${round ? "[and] (join|place marker and join) [to work] in (rows|round) [being careful not to twist [sts]]" : ""}`.trim(),
      (slots) => castOn(slots, round),
    ),
  ),
  say("join [to work|for working|for] [in] (rows|round) [being careful not to twist [sts]]", () => ({
    does: "inRound",
  })),
  say("work in rows", () => ({ does: "inRound" })),
  // Needles
  say("(change|switch) [back] {needle}", (slots) => {
    const needle = needleOf(slots.needle);
    return needle && { does: "needle", needle };
  }),
  // Grounds
  say("[{begins}] [{needle}] (work|continue) [even|straight] [in] {ground} [pattern] {extent}", (slots) =>
    ground(slots, extentOf(slots.extent)),
  ),
  say("[{begins}] [{needle}] work {long} [even|straight] [in] {ground} [pattern]", (slots) =>
    ground(slots, { by: "length", lengthMm: millimetresIn(slots.long as string), from: "here" }),
  ),
  say("[{needle}] work {rows} rows [in] {ground}", (slots) =>
    ground(slots, { by: "rows", rows: slots.rows as number }),
  ),
  say("{rows} rows {ground}", (slots) => ground(slots, { by: "rows", rows: slots.rows as number })),
  say("[{begins}] (work|continue) in {ground}", (slots) => ground(slots, null)),
  say("knit {rows} rows", ({ rows }) => ({ does: "face", face: "knit", rows: rows as number })),
  say("purl {rows} rows", ({ rows }) => ({ does: "face", face: "purl", rows: rows as number })),
  say("knit every rows {extent}", ({ extent }) => ({
    does: "ground",
    ground: "garter",
    extent: extentOf(extent),
  })),
  // In pattern
  say(`work {rows} [more] rows (even|straight|without shaping|${IN_PATTERN})`, ({ rows, inPattern }) => ({
    does: "asBefore",
    extent: { by: "rows", rows: rows as number },
    inPattern: inPattern !== undefined,
  })),
  say(
    `[(work|continue)] [even|straight|without shaping] [(${IN_PATTERN})] [working all rows panels as established] [even|straight|without shaping] {extent}`,
    ({ extent, inPattern }) => ({
      does: "asBefore",
      extent: extentOf(extent),
      inPattern: inPattern !== undefined,
    }),
  ),
  say(`(work|continue) [even|straight] (${IN_PATTERN})`, ({ inPattern }) => ({
    does: "asBefore",
    extent: null,
    inPattern: inPattern !== undefined,
  })),
  // Rows that come again
  say("repeat (these|last) {rows} rows ({extent}|{times})", repeated),
  say("repeat rows {range} ({extent}|{times})", repeated),
  say("repeat these rows ({extent}|{times})", repeated),
  say("repeat (this|last) rows ({extent}|{times})", (slots) => repeated({ ...slots, rows: 1 })),
  say("repeat rows {row} ({extent}|{times})", (slots) =>
    repeated({ ...slots, range: `${String(slots.row)}-${String(slots.row)}` }),
  ),
  // Other pieces
  say(
    `${AS_FOR} (to|until|up to) (beginning armhole|armhole|armhole shaping|armholes|underarm) [shaping]`,
    (slots) => as(slots, { upTo: "armhole" }),
  ),
  say(`${AS_FOR} (to|until|up to) (beginning neck|neck|neck shaping) [shaping]`, (slots) =>
    as(slots, { upTo: "neck" }),
  ),
  say(
    `${AS_FOR} (to|until|up to) (beginning shoulder|shoulder|shoulders|shoulder shaping) [shaping]`,
    (slots) => as(slots, { upTo: "shoulder" }),
  ),
  say(`${AS_FOR} from mark to mark`, (slots) => as(slots, { upTo: "marks" })),
  say("work from mark to mark (as for|as given for|as on|as) {of}", (slots) => as(slots, { upTo: "marks" })),
  say(`${AS_FOR} (to|until|up to) mark`, (slots) => as(slots, { upTo: "mark" })),
  say(`${AS_FOR} {extent}`, (slots) => as(slots, { upTo: extentOf(slots.extent) })),
  say(`${AS_FOR} (reversing|reverse) [all] shaping`, (slots) => as(slots, { reversed: true })),
  say(
    "(work|make|knit) [exactly] (as for|same as|as given for|as) {of} making {row} buttonholes [{words}]",
    (slots) => as(slots, {}),
  ),
  say("(work|make|knit) [exactly] (as for|same as|as given for) {of}", (slots) => as(slots, {})),
  ...["2th", "another"].map((which) =>
    say(`(make|work|knit) ${which} {of} [(in [exactly] same way|same|to match|alike|exactly same)]`, () => ({
      does: "more",
      second: which === "2th",
    })),
  ),
  // Panels
  say("place (panels|pattern) [as following] {across}", ({ across }) => ({
    does: "place",
    across: across as string,
  })),
  say("(establish|established|setup|set up) [(panels|pattern)] [as following] {across}", ({ across }) => ({
    does: "place",
    across: across as string,
  })),
  say(
    "(work|knit|complete) [in] [pattern] [from|following] [rows {range}] [from|in] {chart} [rows {range2}] [(over|across) [all] [sts]|around] [{extent}]",
    panelWork,
  ),
  say("work [in] {of} pattern {extent}", panelWork),
  say("work [in] {of} {extent}", panelWork),
  // Increases and decreases in one row
  say(
    "[next] [{side}] [rows] {way} {stitches} sts evenly [(across|over|on|in)] [next] [{side2}] [rows]",
    (slots) => ({
      does: "change",
      change: changeOf(slots),
    }),
  ),
  say("(work|knit|purl) [1|next] [{side}] rows {way} {stitches} sts evenly [across] [rows]", (slots) => ({
    does: "change",
    change: changeOf(slots),
  })),
  say(
    "[next|{way}] rows [{side}] (knit|purl|work) {way2} {stitches} sts evenly [across] [rows]",
    (slots) => ({
      does: "change",
      change: changeOf({ ...slots, way: slots.way2 }),
    }),
  ),
  say("{way} evenly [across] [next] [rows] to {stitches2} sts", (slots) => ({
    does: "change",
    change: changeOf(slots),
  })),
  // Shaping over rows
  say("{way} {stitches} sts {edge} [on] next [{side}] rows", (slots) => shape(slots, { times: 1 })),
  say(`{way} {stitches} sts {edge} [on] (every|each) [following] [{side}] rows ${OFTEN}`, (slots) =>
    shape(slots, { every: slots.side === undefined ? 1 : 2 }),
  ),
  say(`{way} {stitches} sts {edge} [on] (every|each) [following] {every} rows ${OFTEN}`, (slots) =>
    shape(slots, {}),
  ),
  say(
    `{way} {stitches} sts {edge} [on] (next|this|{first}) [{side}] [rows] [and] [on] (every|each) [following] ({every}|{side2}) rows ${OFTEN}`,
    (slots) => shape(slots, { andNext: true }),
  ),
  // At the edges
  say("bindoff {stitches} sts [at] beginning (next|following) {rows} rows", (slots) =>
    castOffAt(slots, "edges", slots.rows as number),
  ),
  say("bindoff {stitches} sts [at] beginning next [{side}] rows", (slots) =>
    castOffAt(slots, "beginning", 1),
  ),
  say("bindoff {stitches} sts [at] {edge}", (slots) => castOffAt(slots, edgeOf(slots.edge), 1)),
  say("bindoff {stitches} sts [at] {edge} {times}", (slots) =>
    Array.from({ length: timesOf(slots.times)?.times ?? 1 }, () => castOffAt(slots, edgeOf(slots.edge), 1)),
  ),
  // A decrease at one end, stitches bound off at the other
  say(
    "[next] [rows] [{side}] bindoff {stitches} sts [(knit|work|k|pattern)] to last {rows} sts (k2tog|ssk|work 2 together) [k {row}]",
    (slots) => [
      castOffAt(slots, "beginning", 1),
      shape({ ...slots, way: "decrease", stitches: 1, times: undefined }, { at: "end", every: 1, times: 1 }),
    ],
  ),
  // The end
  say(
    "bindoff [all|remain|{stitches}|remain {stitches2}|all {stitches2}] [sts] [remain] [on each side|each side] [loosely] [in (pattern|rib|ribbing|knit|purl)] [loosely]",
    (slots) => ({
      does: "castOff",
      stitches: number(slots.stitches) ?? number(slots.stitches2),
      method: "plain",
    }),
  ),
  say(
    "(bindoff|join|graft) [shoulder] [remain] [{stitches}] [sts] [using|with] {method} bindoff",
    ({ stitches, method }) => ({
      does: "castOff",
      stitches: number(stitches),
      method: castOffMethod(method),
    }),
  ),
  say(
    "(leave|place|slip|put) [all|remain] [{stitches}] [sts] [remain] on [sts|spare] (holder|holders|waste yarn|thread|spare needles)",
    ({ stitches }) => ({
      does: "hold",
      stitches: number(stitches),
    }),
  ),
  // Necks
  say(
    "[divide for neck] [next] [rows] [{side}] {worked} [sts] [in pattern] [join (2th|another|new) ball [yarn] [and]] [attach (2th|another|new) ball [yarn] [and]] bindoff [centre|center|middle|next] {stitches2} sts [{toEnd}]",
    ({ worked, stitches2 }) => ({
      does: "divide",
      each: lastNumber(worked),
      centre: stitches2 as number,
      goes: "castOff",
    }),
  ),
  say(
    "[divide for neck] [next] [rows] [{side}] {worked} [sts] [in pattern] (place|slip|put|leave) [centre|center|middle|next] {stitches2} sts on [sts] (holder|waste yarn|thread) [join (2th|another|new) ball [yarn] [and]] [{toEnd}]",
    ({ worked, stitches2 }) => ({
      does: "divide",
      each: lastNumber(worked),
      centre: stitches2 as number,
      goes: "hold",
    }),
  ),
  say(
    "[next] [rows] [{side}] {worked} [sts] [in pattern] (join|attach) (2th|another|new) ball [yarn] [and] {toEnd}",
    ({ worked }) => ({
      does: "divide",
      each: lastNumber(worked),
      centre: null,
      goes: "castOff",
    }),
  ),
  say(
    "bindoff (centre|center|middle) {stitches} sts [and (work|working) (each side|both sides) separately]",
    ({ stitches }) => ({
      does: "divide",
      each: null,
      centre: stitches as number,
      goes: "castOff",
    }),
  ),
  say(
    "[divide for neck] [next] [rows] [{side}] {worked} [sts] [in pattern] turn [and] [(leave|leaving|place|slip|put) [all] [remain] [sts] on [sts] (holder|spare needles|waste yarn)] [[and] (work|working) [on] these [{stitches}] sts only]",
    ({ worked }) => ({ does: "turn", each: lastNumber(worked) }),
  ),
  say(
    "[with {side} facing] (rejoin|join) yarn to remain sts [and] bindoff [centre|center|middle|next|first] {stitches} sts [[and] {toEnd}]",
    ({ stitches }) => ({ does: "rejoin", centre: stitches as number, goes: "castOff" }),
  ),
  say(
    "[with {side} facing] (slip|leave|place|put) (centre|center|middle|next|first) {stitches} sts on [sts] (holder|waste yarn|thread) [and] (rejoin|join) yarn to remain sts [[and] {toEnd}]",
    ({ stitches }) => ({ does: "rejoin", centre: stitches as number, goes: "hold" }),
  ),
  say("[with {side} facing] (rejoin|join) yarn to remain sts [[and] {toEnd}]", () => ({
    does: "rejoin",
    centre: null,
    goes: "hold",
  })),
  say(
    "(complete|work|finish) [{of}] (to match|to correspond with|same as|as for) 1th side [(reversing|reverse) [all] shaping]",
    () => ({
      does: "match",
    }),
  ),
  // Bands
  say(
    "[with] [{side} facing] [and] [{needle}] [and] [{side2} facing] pick up [and] (knit|k) {picks}",
    ({ picks, needle }) => {
      const step = pickUp(`${String(picks)} `);
      const found = needleOf(needle);
      return found ? [{ does: "needle", needle: found }, step] : step;
    },
  ),
  // What takes no stitches
  nothing("(weave|darn|sew) in [all|any] [remain|loose] ends"),
  nothing("(break|cut) yarn [leaving {words} tail]"),
  nothing("(block|wet block|steam|press) [{words}]"),
  nothing("(place|slip|remove) (marker|markers) [{words}]"),
  nothing("turn"),
  nothing("[now] (work|continue) [in] [pattern] as following"),
  nothing("[now] (work|continue) on these sts [only] [as following]"),
  nothing("these {rows} rows (form|set|make|complete) [1] [repeat] [pattern]"),
  nothing("[making] {row} buttonholes [{words}]"),
  nothing("do not turn"),
  nothing("sew on buttons [{words}]"),
  // Sewing
  say("(sew|join|seam) {across}", ({ across }) => ({ does: "sew", what: across as string })),
  say("set in sleeves", () => ({ does: "sew", what: "sleeves into armholes" })),
];

function repeated(slots: Slots): Step | null {
  const times = timesOf(slots.times);
  const extent: Extent | null = times ? { by: "times", ...times } : extentOf(slots.extent);
  return extent && { does: "repeatRows", rows: rowsMeant(slots), extent };
}

function panelWork({ of, chart, range, range2, extent }: Slots): Step | null {
  const over = extentOf(extent);
  // Only what is called a chart or a panel holds for what follows; other words may mean anything.
  if (!over && chart === undefined) return null;
  const rows = rowsMeant({ range: range ?? range2 });
  const named = String(chart ?? of).trim();
  return {
    does: "panel",
    named,
    rows: typeof rows === "object" && "from" in rows ? rows : null,
    extent: over,
  };
}

/** No sentence of a pattern that has a form is as long as this, in letters. */
const MOST_WORDS = 600;

/** What a sentence in plain words asks for; null where no form fits. */
export function readWork(words: string): readonly Step[] | null {
  if (words.length > MOST_WORDS) return null;
  for (const { form: one, step } of WORK_FORMS) {
    const slots = fits(one, words);
    const made = slots && step(slots);
    if (made) return Array.isArray(made) ? (made as readonly Step[]) : [made as Step];
  }
  return null;
}
