import { spawn, spawnSync } from "node:child_process";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

/** The top of the repository; every script works from here, wherever it was called. */
export const ROOT = join(dirname(fileURLToPath(import.meta.url)), "..", "..");

/** Where a program of an installed package lies. */
export function bin(name) {
  return join(ROOT, "node_modules", ".bin", name);
}

/** Runs a program to its end with its output shown, and returns its exit status. */
export function run(command, args, options = {}) {
  const { env, ...rest } = options;
  const result = spawnSync(command, args, {
    cwd: ROOT,
    stdio: "inherit",
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...env },
    ...rest,
  });
  return result.status ?? 1;
}

/**
 * The same for set-up: its output goes to standard error, so that it never mixes with an answer,
 * and where it fails this script ends with a plain word.
 */
export function must(what, command, args, options) {
  const status = run(command, args, { stdio: ["ignore", process.stderr, "inherit"], ...options });
  if (status !== 0) {
    console.error(`${what} failed.`);
    process.exit(status);
  }
}

/** Starts a program that stays; Ctrl-C and an end of this script end it too. */
export function stay(command, args, env = {}) {
  const child = spawn(command, args, {
    cwd: ROOT,
    stdio: "inherit",
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...env },
  });
  for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"]) {
    process.on(signal, () => child.kill(signal));
  }
  child.on("exit", (status) => process.exit(status ?? 0));
  return child;
}
