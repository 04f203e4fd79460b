import fc from "fast-check";
import { answerTo, anyProject, cabledBack } from "@testing/anyProject";
import type { Message } from "@/core/words/message";
import { english } from "@/core/words/english";
import { tell } from "@/core/words/tell";
import { groupsOf, type GroupedBy } from "./ledgerGroups";

const said = (words: "US" | "UK") => (says: Message) => tell(says, { words, units: "metric" }, english);

const WAYS: readonly GroupedBy[] = ["part", "piece", "section", "yarn"];
const sum = (all: readonly { readonly mm: number }[]) => all.reduce((total, { mm }) => total + mm, 0);

test("however the yarn is grouped, the groups add up to all of it, and each to its details", () => {
  fc.assert(
    fc.property(anyProject, fc.constantFrom(...WAYS), fc.constantFrom("US", "UK"), (project, by, words) => {
      const { known, ...answer } = answerTo(project);
      if (!known || !("estimate" in answer)) return;
      const { lines } = answer.estimate;
      const groups = groupsOf(by, lines, project, words, said(words));
      expect(sum(groups)).toBeCloseTo(sum(lines), 3);
      for (const { mm, details } of groups) expect(sum(details())).toBeCloseTo(mm, 3);
    }),
    { numRuns: 40 },
  );
});

test("the parts of a cabled back stand in the order of the ledger, and are named in the knitter's words", () => {
  const project = cabledBack();
  const answer = answerTo(project);
  if (!answer.known) throw new Error("no answer");
  const names = (words: "US" | "UK") =>
    groupsOf("part", answer.estimate.lines, project, words, said(words)).map(({ name }) => name);
  expect(names("UK").slice(0, 4)).toEqual(["Plain fabric", "Draw-in", "Crossings", "Texture"]);
  expect(names("UK")).toContain("Cast off");
  expect(names("US")).toContain("Bind off");
  expect(names("US")).not.toContain("Cast off");
});
