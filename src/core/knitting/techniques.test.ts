import { answerTo, cabledBack } from "@testing/anyProject";
import { techniques, type TechniqueId } from "../words/english/techniques";
import { english } from "../words/english";
import { CAST_OFF_IDS, CAST_OFFS, CAST_ON_IDS, CAST_ONS } from "../project/edgeKinds";
import { say } from "../words/message";
import { tellerIn } from "../words/tell";
import { BESIDE, takenBy, techniqueOf } from "./techniques";

const IDS = Object.keys(techniques) as readonly TechniqueId[];

test("every way to cast on and off has its steps, and so has what comes later in so many rows", () => {
  for (const id of CAST_ON_IDS)
    expect(techniqueOf(say("castOnSo", { stitches: 9, method: CAST_ONS[id].name }))).toMatch(/^castOn/);
  for (const id of CAST_OFF_IDS) {
    const act = say("castOffSo", { stitches: 9, method: CAST_OFFS[id].name });
    expect(techniqueOf(act)).toMatch(/^(castOff|graft)/);
    expect(techniqueOf(say("inRows", { rows: 2, what: act }))).toBe(techniqueOf(act));
  }
  expect(techniqueOf(say("leaveOnHold", { stitches: 3 }))).toBeNull();
});

test("each technique has a name of its own and some steps, and speaks no British words to Americans", () => {
  const teller = tellerIn({ words: "US", units: "imperial" }, english);
  const told = IDS.map((id) => techniques[id](teller));
  expect(new Set(told.map(({ name }) => name)).size).toBe(IDS.length);
  for (const { steps, mind, name } of told) {
    expect(steps.length).toBeGreaterThanOrEqual(2);
    expect(new Set(steps).size).toBe(steps.length);
    expect([name, mind, ...steps].join(" ")).not.toMatch(/cast(ing)?[ -]off|stocking stitch|\d\s?c?m\b/i);
  }
});

test("what stands beside a technique is another one", () => {
  for (const id of IDS) for (const other of BESIDE[id] ?? []) expect(other).not.toBe(id);
});

test("a technique takes what its lines of the ledger do, a join what it always does, and blocking nothing", () => {
  const { lines, ledger } = answerTo(cabledBack()).estimate;
  expect(takenBy("castOnLongTail", lines)?.mm).toBeCloseTo(ledger.castOn, 6);
  expect(takenBy("castOffPlain", lines)?.mm).toBeCloseTo(ledger.castOff, 6);
  expect(takenBy("joinOverlap", lines)).toEqual({ mm: 200, each: true });
  expect(takenBy("blockWater", lines)).toBeNull();
});
