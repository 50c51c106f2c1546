import { readdirSync, readFileSync } from "node:fs";
import { quantile } from "../median";

/** "median 12 ms, p99 80 ms, longest 95 ms" */
export function timesText(timesMs: readonly number[]): string {
  const [median, p99] = [0.5, 0.99].map((share) => Math.round(quantile(timesMs, share)));
  return `median ${median} ms, p99 ${p99} ms, longest ${Math.round(Math.max(0, ...timesMs))} ms`;
}

/** The memory of a process and of those that it started, MB of resident set; Linux only. */
export function residentMb(pid: number): { readonly own: number; readonly children: number } {
  const own = residentOf(pid);
  const children = readdirSync("/proc")
    .filter((name) => /^\d+$/.test(name) && parentOf(Number(name)) === pid)
    .reduce((sum, name) => sum + residentOf(Number(name)), 0);
  return { own, children };
}

function residentOf(pid: number): number {
  const kilobytes = /VmRSS:\s+(\d+)/.exec(statusOf(pid))?.[1] ?? "0";
  return Math.round(Number(kilobytes) / 1024);
}

function parentOf(pid: number): number {
  return Number(/PPid:\s+(\d+)/.exec(statusOf(pid))?.[1] ?? "0");
}

function statusOf(pid: number): string {
  try {
    return readFileSync(`/proc/${pid}/status`, "utf8");
  } catch {
    return "";
  }
}
