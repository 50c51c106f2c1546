import nextJest from "next/jest.js";

const config = {
  testEnvironment: "node",
  // Shared machines stall for many seconds now and then; nothing here is a test of speed.
  testTimeout: 120_000,
  setupFiles: ["<rootDir>/jest.setup.ts"],
  testMatch: ["<rootDir>/{src,bench}/**/*.test.{ts,tsx}"],
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
};

export default nextJest({ dir: "./" })(config);
