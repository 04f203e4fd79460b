import { sentence } from "@testing/sentence";
import { plainWords } from "./plainWords";
import { readWhole } from "./readWhole";
import { readWork } from "./workForms";

const work = (said: string) => readWork(plainWords(said));

/** How patterns say it, and what they ask for; only what tells them apart is looked at. */
test.each([
  ["Cast on 94 sts.", [{ does: "castOn", stitches: 94, round: false }]],
  ["Using smaller needles, CO 94 sts.", [{ does: "castOn", stitches: 94, needle: { which: "smaller" } }]],
  [
    "With 3.75 mm circular needle cast on 96 stitches and join in the round.",
    [{ does: "castOn", round: true, needle: { mm: 3.75 } }],
  ],
  ["Change to larger needles.", [{ does: "needle", needle: { which: "larger" } }]],
  ["Work in k2, p2 rib for 19 rows.", [{ does: "ground", ground: "rib2", extent: { by: "rows", rows: 19 } }]],
  ["Work 6 rows in garter stitch.", [{ does: "ground", ground: "garter", extent: { by: "rows", rows: 6 } }]],
  [
    "Cont in St st until piece measures 38 cm from cast-on edge, ending with a WS row.",
    [{ ground: "stockinette", extent: { by: "length", lengthMm: 380, from: "piece" } }],
  ],
  [
    "Work in reverse stocking stitch for 5½ in.",
    [{ ground: "reverse", extent: { by: "length", lengthMm: 139.7, from: "here" } }],
  ],
  [
    "Beg with a RS row, work in st st for 4 rows.",
    [{ ground: "stockinette", extent: { by: "rows", rows: 4 } }],
  ],
  [
    "Knit every row until scarf measures 20 cm.",
    [{ ground: "garter", extent: { lengthMm: 200, from: "piece" } }],
  ],
  ["Work 6 cm in garter st.", [{ ground: "garter", extent: { by: "length", lengthMm: 60, from: "here" } }]],
  [
    "Starting with a k row, cont in st st until back measures 14 cm from beg, ending with a p row.",
    [{ ground: "stockinette", extent: { lengthMm: 140, from: "piece" } }],
  ],
  ["Work chart A over all sts.", [{ does: "panel", named: "chart a", rows: null, extent: null }]],
  [
    "Work rows 1-8 of chart B 5 times.",
    [{ does: "panel", named: "chart b", rows: { from: 1, to: 8 }, extent: { times: 5 } }],
  ],
  ["Work in rope panel for 20 cm.", [{ does: "panel", named: "rope panel", extent: { lengthMm: 200 } }]],
  [
    "Next row: Cast off 3 sts, k to last 2 sts, k2tog.",
    [
      { does: "castOffAt", stitches: 3, at: "beginning" },
      { does: "shape", at: "end", times: 1 },
    ],
  ],
  ["Now work in pattern as follows:", [{ does: "nothing" }]],
  ["These 8 rounds form the pattern.", [{ does: "nothing" }]],
  ["Work as button band, making 5 buttonholes in row 3.", [{ does: "as", piece: "button band" }]],
  ["Join for working in the round, taking care not to twist the sts.", [{ does: "inRound" }]],
  ["Knit six rows.", [{ does: "face", face: "knit", rows: 6 }]],
  [
    "Work even in pattern as established until armhole measures 20 cm.",
    [{ does: "asBefore", extent: { lengthMm: 200, from: "armhole" } }],
  ],
  ["Work 4 rows even.", [{ does: "asBefore", extent: { by: "rows", rows: 4 } }]],
  [
    "Repeat these 2 rows until piece measures 7 cm from beg.",
    [{ does: "repeatRows", rows: { last: 2 }, extent: { lengthMm: 70 } }],
  ],
  [
    "Rep rows 1–8 eleven times more.",
    [{ does: "repeatRows", rows: { from: 1, to: 8 }, extent: { by: "times", times: 11, how: "more" } }],
  ],
  [
    "Repeat rows 1 to 8 twelve times in all.",
    [{ rows: { from: 1, to: 8 }, extent: { times: 12, how: "inAll" } }],
  ],
  ["Inc 22 sts evenly across next row.", [{ does: "change", change: { by: 22, way: "increase" } }]],
  ["Purl 1 row, decreasing 4 sts evenly across.", [{ does: "change", change: { by: 4, way: "decrease" } }]],
  [
    "Dec 1 st each end of every 4th row 6 times.",
    [{ does: "shape", way: "decrease", stitches: 1, at: "edges", every: 4, times: 6, andNext: false }],
  ],
  [
    "Inc 1 st at each end of 5th and every foll 6th row to 76 sts.",
    [{ way: "increase", first: 5, every: 6, to: 76, andNext: true }],
  ],
  ["Dec 1 st at neck edge every RS row 5 times.", [{ at: "neck", every: 2, times: 5 }]],
  [
    "Decrease 1 stitch at each end of every other row until 64 sts remain.",
    [{ at: "edges", every: 2, times: null, to: 64 }],
  ],
  ["BO 5 sts at beg of next 2 rows.", [{ does: "castOffAt", stitches: 5, at: "edges", rows: 2 }]],
  ["Cast off 6 sts at the beginning of the next RS row.", [{ at: "beginning", rows: 1, side: "RS" }]],
  ["Bind off 3 sts at neck edge once.", [{ does: "castOffAt", stitches: 3, at: "neck" }]],
  ["Bind off remaining 32 sts.", [{ does: "castOff", stitches: 32 }]],
  ["Cast off loosely in rib.", [{ does: "castOff", stitches: null }]],
  ["Leave rem 34 sts on a stitch holder.", [{ does: "hold", stitches: 34 }]],
  [
    "Next row (RS): K34, join a second ball of yarn and bind off centre 8 sts, k to end.",
    [{ does: "divide", each: 34, centre: 8, goes: "castOff" }],
  ],
  [
    "With RS facing, pick up and knit 20 sts down left front neck and 16 sts across back.",
    [{ does: "pickUp", stitches: 36 }],
  ],
  [
    "Pick up and knit 32 sts along back neck and 50 sts along each side of V.",
    [{ does: "pickUp", stitches: 132 }],
  ],
  ["Work as for back to armhole shaping.", [{ does: "as", piece: "back", upTo: "armhole" }]],
  ["Work as for left front, reversing all shaping.", [{ does: "as", piece: "left front", reversed: true }]],
  ["Make second sleeve the same.", [{ does: "more", second: true }]],
  ["Weave in ends.", [{ does: "nothing" }]],
])("%s", (said, steps) => {
  expect(work(said)).toMatchObject(steps);
});

const SCARF = "Scarf\nCast on 40 sts.\nRow 1: K40.\nRow 2: P40.\nRow 3: K40.\nRow 4: P40.\n";

/** Sentences that could be meant in more than one way, or that are not known: none is worked without a word. */
test.each([
  "Repeat rows 3-4 five times more.",
  "Repeat last 2 rows 6 times more.",
  "Repeat last row 3 times more.",
  "Repeat rows 1-4 five times.",
  "Inc 1 st each end of next and every foll 4th row 5 times.",
  "Work in pattern for a while.",
  "Work 20 rows from the chart.",
  "Work 4 rows.",
  "Dec 1 st at beg of every row until 20 sts rem.",
  "Dec 1 st each end of every RS row.",
  "Bind off 5 sts at beg of next 3 rows.",
  "With two strands of yarn held together, knit 4 rows.",
  "Change to colour B and knit 4 rows.",
  "Using MC, knit 4 rows.",
  "Work in moss st for 10 cm.",
  "Work in double moss st for 10 cm.",
  "Knit 4 rows, dec 2 sts evenly on last row.",
  "Knit 4 rows increasing 4 sts evenly.",
  "Work in k2, p2 rib for 5 cm and 2 rows.",
  "Cast on 40 (44) sts.",
  "Work in garter st for about as long as you like.",
  "Work in cable panel for 20 rows.",
  "Bind off 12 sts, work to end.",
  "Bind off remaining 32 sts.",
  "Work 12 sts, place next 10 sts on a holder, work to end.",
  "Work 6 rounds in k1, p1 rib.",
  "Work as for front to armhole.",
  "Change to smaller needles.",
  "Row 5: K40. (38 sts)",
  "Knit 4 rows, and do the frobbly thing.",
])("it is asked about: %s", (said) => {
  const { phrases } = readWhole(`${SCARF}${said}\nBind off.`);
  const phrase = phrases.find(({ text }) => text === said);
  expect(phrase?.taken.as).toBe("unread");
});

test.each([
  "The yarn is held double throughout.",
  "Colour A: 4 balls; colour B: 2 balls.",
  "Work in k2, p2 rib for 5 cm.",
])("what stands among the notes and changes the work is not only read: %s", (said) => {
  const { phrases } = readWhole(`Scarf\nNotes\n${said}\nScarf\nCast on 40 sts. Knit 4 rows. Bind off.`);
  expect(phrases.find(({ text }) => text === said)?.taken.as).toBe("unread");
});

test("in pattern is the only pattern that there is, and asked about where there are several", () => {
  const panel = (name: string) =>
    `${name}\nRow 1: *K2, p2; rep from * to end.\nRow 2: *K2, p2; rep from * to end.\n`;
  const scarf = "Scarf\nCast on 40 sts. Knit 4 rows. Work in pattern until scarf measures 20 cm. Bind off.";
  const of = (text: string) => readWhole(text).project?.pieces[0]?.sections[2];
  expect(of(panel("Broken Panel") + scarf)).toMatchObject({ kind: "fabric", content: "panels" });
  expect(of(panel("Broken Panel") + panel("Other Panel") + scarf)).toMatchObject({ kind: "written" });
});

test("what is told in mm and is no needle is none", () => {
  const needle = (said: string) =>
    readWhole(`${said}\nScarf\nCast on 40 sts. Knit 4 rows. Bind off.`).project?.needleMm;
  expect(needle("Materials\n4 mm and 5 mm needles\nsix 15 mm buttons")).toBe(5);
  expect(needle("Materials\n5 mm needles, seven 20 mm buttons and a 3 mm crochet hook")).toBe(5);
  expect(needle("Needles\n4.5 mm")).toBe(4.5);
  expect(needle("Notions\nsix 15 mm buttons")).toBeNull();
});

test("of a sentence of several parts all are worked, or none", () => {
  const { project } = readWhole(`${SCARF}Knit 4 rows; bind off 60 sts.\nBind off.`);
  const kinds = project?.pieces[0]?.sections.map(({ kind }) => kind);
  expect(kinds).toEqual(["castOn", "written", "written", "castOff"]);
});

test("a second of what is worked in pairs is one of the two", () => {
  const pieces = readWhole("Mitts\nCast on 40 sts. Knit 4 rows. Bind off. Make second mitt the same.").project
    ?.pieces;
  expect(pieces?.map(({ times }) => times)).toEqual([2]);
});

test("a message is a sentence", () => {
  const { phrases } = readWhole(`${SCARF}Bind off 32 sts.`);
  const taken = phrases.at(-1)?.taken;
  expect(taken?.as === "unread" && sentence(taken.why)).toBe(
    "The pattern says 32 stitches, but there are 40 here.",
  );
});
