/** @type {import("jest").Config} */
const config = {
  testEnvironment: "node",
  roots: ["<rootDir>/src"],
  setupFiles: ["<rootDir>/jest.setup.mjs"],
  moduleNameMapper: {
    "^@/(.*)$": "<rootDir>/src/$1",
    "^@testing/(.*)$": "<rootDir>/testing/$1",
    // These packages are for import alone; Jest requires.
    "^@chevrotain/(gast|utils|regexp-to-ast|cst-dts-gen)$":
      "<rootDir>/node_modules/@chevrotain/$1/lib/src/api.js",
  },
  transform: {
    "^.+\\.m?[jt]sx?$": [
      "@swc/jest",
      {
        jsc: {
          parser: { syntax: "typescript", tsx: true },
          target: "es2022",
          transform: { react: { runtime: "automatic" } },
        },
      },
    ],
  },
  transformIgnorePatterns: ["node_modules/(?!(chevrotain|@chevrotain|lodash-es|nanoid)/)"],
  maxWorkers: 2,
  // A busy machine is waited for: no test here is one of speed.
  testTimeout: 60_000,
};

export default config;
