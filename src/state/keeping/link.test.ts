import fc from "fast-check";
import { anyProject } from "@testing/anyProject";
import { sentence } from "@testing/sentence";
import { demoProject } from "@/demo/slipover";
import { fragmentOf, readFragment } from "./link";

test("any project goes into a link and comes out of it the same", async () => {
  await fc.assert(
    fc.asyncProperty(anyProject, async (project) => {
      const fragment = await fragmentOf(project);
      expect(fragment).toMatch(/^#project=[\w-]+$/);
      expect(await readFragment(fragment)).toEqual({ ok: true, project });
    }),
    { numRuns: 40 },
  );
});

test("a link that was cut off, bent, or holds something else is told of and changes nothing", async () => {
  const whole = await fragmentOf(demoProject());
  for (const broken of [
    whole.slice(0, -40),
    whole.slice(0, 30),
    "#project=",
    "#project=?!",
    "#project=AAAA",
  ]) {
    const read = await readFragment(broken);
    expect(read.ok ? "" : sentence(read.message)).toMatch(/link/);
  }
});

test("what unpacks to far more than a project can be is not unpacked", async () => {
  const zeros = new Blob([new Uint8Array(40_000_000)])
    .stream()
    .pipeThrough(new CompressionStream("deflate-raw"));
  const packed = new Uint8Array(await new Response(zeros).arrayBuffer());
  const read = await readFragment(`#project=${Buffer.from(packed).toString("base64url")}`);
  expect(read.ok).toBe(false);
});
