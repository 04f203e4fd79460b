/** Runs the benchmarks of the core, which print their times; none of them can fail for being slow. */
import unit from "../jest.config.mjs";

const config = {
  ...unit,
  rootDir: "..",
  roots: ["<rootDir>/bench"],
  testMatch: ["**/*.bench.ts"],
  moduleNameMapper: { ...unit.moduleNameMapper, "^tinybench$": "<rootDir>/node_modules/tinybench/dist/index.js" },
  transformIgnorePatterns: ["node_modules/(?!(chevrotain|@chevrotain|lodash-es|tinybench)/)"],
  maxWorkers: 1,
};

export default config;
