import nextJest from "next/jest.js";

const config = {
  testEnvironment: "node",
  // Shared machines stall for many seconds now and then; nothing here is a test of speed.
  testTimeout: 120_000,
  setupFiles: ["<rootDir>/jest.setup.ts"],
  testMatch: ["<rootDir>/{src,bench}/**/*.test.{ts,tsx}"],
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
};

/** Packages that come as ES modules alone, which Jest does not load as they are. */
const TRANSFORMED = ["ohash"];

const configure = nextJest({ dir: "./" })(config);

export default async function jestConfig() {
  const { transformIgnorePatterns, ...rest } = await configure();
  const kept = transformIgnorePatterns.filter((pattern) => !pattern.startsWith("/node_modules/"));
  return {
    ...rest,
    transformIgnorePatterns: [`/node_modules/(?!(${TRANSFORMED.join("|")})/)`, ...kept],
  };
}
