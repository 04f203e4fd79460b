import "fake-indexeddb/auto";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import fc from "fast-check";
import { sentence } from "@testing/sentence";
import { demoCap } from "@/demo/cap";
import { demoShelf } from "@/demo/shelf";
import { demoProject } from "@/demo/slipover";
import { MANIFEST } from "@/core/files/backup";
import type { Project } from "@/core/project/project";
import { begin, useProjectStore } from "../project/projectStore";
import { makeBackup, readBackup, takeBackup, type Backup } from "./backup";
import { keptProject } from "./home";
import { forgetProject, projects, recordOf } from "./keeper";
import { changeCard } from "./records";
import { formerStates } from "./states";

const mockPhotos = new Map<string, unknown>();
jest.mock("localforage", () => ({
  createInstance: () => ({
    keys: async () => [...mockPhotos.keys()],
    getItem: async (key: string) => mockPhotos.get(key) ?? null,
    setItem: async (key: string, value: unknown) => void mockPhotos.set(key, value),
  }),
}));

const quiet = () => {};
const never = new AbortController().signal;
const own = (project: Project, id: string, name: string): Project => ({ ...project, id, name, demo: false });
const [harrow, cap] = [own(demoProject(), "harrow", "Harrow"), own(demoCap(), "cap", "Cap / 毛糸")];

const keep = (project: Project) => projects.keep(recordOf(project.id), project);
const read = async (file: Blob): Promise<Backup> => {
  const found = await readBackup(file, quiet, never);
  if (!found.ok) throw new Error(sentence(found.message));
  return found.backup;
};

let file: Blob;
beforeAll(async () => {
  begin(own(demoProject(), "open", "Open"), demoShelf());
  await keep(harrow);
  await keep(cap);
  await changeCard("cap", (card) => ({ ...card, archived: true }));
  mockPhotos.set("swatch/1", new Blob([new Uint8Array([255, 216, 1, 2, 3])]));
  ({ file } = await makeBackup(1.8e12, quiet, never));
});

test("what is in it is what is kept, and nothing of it differs from what is here", async () => {
  const backup = await read(file);
  expect(backup.madeAt).toBe(1.8e12);
  expect(
    backup.projects.map(({ project, here, archived }) => [project.id, here, archived]).toSorted(),
  ).toEqual([
    ["cap", "same", true],
    ["harrow", "same", false],
  ]);
  expect([backup.shelf, backup.hand, backup.damaged]).toEqual([null, null, []]);
  expect(backup.photos.map(({ id }) => id)).toEqual(["swatch/1"]);
});

test("what is gone comes back as it was, photos with it; what was changed here goes among the former states", async () => {
  await forgetProject("cap");
  mockPhotos.clear();
  const changed = { ...harrow, name: "Harrow, wider", notes: "changed since" };
  await keptProject("harrow");
  await keep(changed);
  const backup = await read(file);
  expect(backup.projects.find(({ project }) => project.id === "harrow")).toMatchObject({
    here: "other",
    differs: ["name", "notes"],
  });
  await takeBackup(backup, { projects: backup.projects, shelf: false, settings: false, hand: false }, quiet);
  expect(await keptProject("cap")).toEqual(cap);
  expect(await keptProject("harrow")).toEqual(harrow);
  expect((await formerStates("harrow"))[0]?.project).toMatchObject({ notes: "changed since" });
  expect(mockPhotos.get("swatch/1")).toBeInstanceOf(Blob);
});

test("what is no backup, or of a newer Brenok, is refused in words", async () => {
  const refusal = async (content: Uint8Array) => {
    const found = await readBackup(new Blob([content as Uint8Array<ArrayBuffer>]), quiet, never);
    return found.ok ? "taken" : sentence(found.message);
  };
  const manifest = (text: string) => zipSync({ [MANIFEST]: strToU8(text) });
  expect(await refusal(strToU8("no zip at all"))).toMatch(/This is no backup/);
  expect(await refusal(zipSync({ "other.txt": strToU8("x") }))).toMatch(/This is no backup/);
  expect(await refusal(manifest("{}"))).toMatch(/This is no backup/);
  expect(await refusal(manifest('{"format":"brenok-backup","version":2}'))).toMatch(/newer Brenok/);
});

test("however a file is damaged, no project comes out of it that did not go in", async () => {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const texts = Object.entries(unzipSync(bytes)).flatMap(([name, content]) =>
    name.startsWith("projects/") ? [JSON.stringify(JSON.parse(strFromU8(content)))] : [],
  );
  const damage = fc.array(fc.record({ at: fc.nat(bytes.length - 1), to: fc.nat(255) }), {
    minLength: 1,
    maxLength: 6,
  });
  await fc.assert(
    fc.asyncProperty(damage, fc.nat(bytes.length), fc.boolean(), async (changes, end, cut) => {
      const damaged = cut ? bytes.slice(0, end) : Uint8Array.from(bytes);
      for (const { at, to } of changes) if (at < damaged.length) damaged[at] = to;
      const found = await readBackup(new Blob([damaged]), quiet, never);
      if (!found.ok) return;
      for (const { project } of found.backup.projects) expect(texts).toContain(JSON.stringify(project));
    }),
    { numRuns: 150 },
  );
  expect(useProjectStore.getState().project.id).toBe("open");
});

test("it is stopped when it is told to", async () => {
  const stop = new AbortController();
  const told: number[] = [];
  const making = makeBackup(
    1.8e12,
    (done) => {
      told.push(done);
      stop.abort();
    },
    stop.signal,
  );
  await expect(making).rejects.toThrow();
  expect(told).toEqual([1]);
});
