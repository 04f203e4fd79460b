import { demoProject } from "@/demo/slipover";
import { MOST_CANDIDATES } from "@/core/project/candidates";
import { addKit, addOffer, editKit, editOffer, removeKit, removeOffer } from "./order";
import { begin, undo, useProjectStore } from "../project/projectStore";
import { addCandidate, editCandidate, editOwnYarn, keepInSwap, removeCandidate } from "./swap";
import { swatchFor } from "../project/swatches";

const project = () => useProjectStore.getState().project;
const candidates = () => project().swap.candidates;

beforeEach(() => begin(demoProject()));

test("candidates are put beside, changed and taken out, each as a step that can be undone", () => {
  const id = addCandidate({ strands: 2, from: "shop" });
  expect(candidates().at(-1)).toMatchObject({ id, strands: 2, from: "shop", label: { putUp: null } });
  editCandidate(id ?? "", "name", (one) => {
    one.label.name = "Pellow Sport";
  });
  expect(candidates().at(-1)?.label.name).toBe("Pellow Sport");
  removeCandidate("osmuth");
  expect(candidates().map((one) => one.id)).toEqual(["vessin", id]);
  undo();
  expect(candidates().map((one) => one.id)).toEqual(["osmuth", "vessin", id]);
  keepInSwap("stitches");
  expect(project().swap.keep).toBe("stitches");
});

test("no more candidates than can be compared", () => {
  const added = Array.from({ length: MOST_CANDIDATES }, () => addCandidate({}));
  expect(candidates()).toHaveLength(MOST_CANDIDATES);
  expect(added.filter((id) => id === null)).toHaveLength(2);
});

test("what is said of the pattern's yarn, and a swatch of a substitute, stand in the project", () => {
  editOwnYarn({ fibres: "100 % alpaca", plies: 2 });
  expect(project().yarns[0]).toMatchObject({ fibres: "100 % alpaca", plies: 2 });
  swatchFor("osmuth", "Osmuth Chunky, barley");
  expect(project().swatches.at(-1)).toMatchObject({ yarnId: "osmuth", name: "Plain, Osmuth Chunky, barley" });
});

test("balls of another shop and kits of another size are added, changed and taken out", () => {
  addOffer("yarn-1");
  const [offer] = project().order.offers;
  expect(offer).toMatchObject({ yarnId: "yarn-1", massG: 50, lengthM: 82 });
  editOffer(offer?.id ?? "", { price: 4.2, lot: "Z" });
  expect(project().order.offers[0]).toMatchObject({ price: 4.2, lot: "Z" });
  removeOffer(offer?.id ?? "");
  expect(project().order.offers).toEqual([]);
  addKit();
  const kit = project().order.kits.at(-1);
  expect(kit).toMatchObject({ name: "Size 2", count: 1 });
  editKit(kit?.id ?? "", { count: 4, acrossMm: 520 });
  expect(project().order.kits.at(-1)).toMatchObject({ count: 4, acrossMm: 520 });
  removeKit(kit?.id ?? "");
  expect(project().order.kits).toHaveLength(1);
});
