/**
 * A project as each version of the file has held it, written by the Brenok of its time: `testing/versions`, by version,
 * and where a version had several forms by letter. A new version adds its own.
 */
import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { sentence } from "@testing/sentence";
import { forecastProject } from "../forecast/projectForecast";
import { layProject } from "../garment/panelLayout";
import { VERSION } from "../project/project";
import { readProject, writeProject } from "./projectFile";

const folder = path.join(__dirname, "../../../testing/versions");
const samples = readdirSync(folder).toSorted();
const textOf = (sample: string) => readFileSync(path.join(folder, sample), "utf8");

interface Old {
  readonly version: number;
  readonly name: string;
  readonly pieces: readonly { readonly id: string; readonly name: string }[];
  readonly yarns: readonly { readonly putUp: unknown }[];
}

test("there is a sample of every version that ever was", () => {
  const versions = new Set(samples.map((sample) => (JSON.parse(textOf(sample)) as Old).version));
  expect([...versions]).toEqual(Array.from({ length: VERSION }, (_, at) => at + 1));
});

test.each(samples)("%s opens, with its pieces and its yarn, and has an answer", (sample) => {
  const old = JSON.parse(textOf(sample)) as Old;
  const opened = readProject(textOf(sample));
  if (!opened.ok) throw new Error(sentence(opened.message));
  const { project } = opened;
  expect(project.version).toBe(VERSION);
  expect(project.name).toBe(old.name);
  expect(project.pieces.map(({ id, name }) => ({ id, name }))).toEqual(
    old.pieces.map(({ id, name }) => ({ id, name })),
  );
  expect(project.yarns[0]?.putUp).toMatchObject(old.yarns[0]?.putUp as object);
  const answer = forecastProject(project, layProject(project));
  expect(answer.known).toBe(true);
  // Brought up to date once, it stays as it is.
  expect(readProject(writeProject(project))).toEqual({ ok: true, project });
});
