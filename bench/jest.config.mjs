/** Runs the benchmarks of the core, which print their times; none of them can fail for being slow. */
import unit from "../jest.config.mjs";

const config = {
  ...unit,
  rootDir: "..",
  roots: ["<rootDir>/bench"],
  testMatch: ["**/*.bench.ts"],
  maxWorkers: 1,
};

export default config;
