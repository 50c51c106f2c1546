import { fork, type ChildProcess } from "node:child_process";
import { Socket } from "node:net";
import { Refused, WordedError } from "@/server/edge";
import { type JobOrder, type JobReport } from "./messages";

/** Limits of the child processes. */
interface Options {
  /** The script that each of them runs. */
  readonly script: string;
  /** Further jobs wait in a queue. */
  readonly maxProcesses: number;
  /** An idle process is ended after this time. */
  readonly idleMs: number;
  readonly maxHeapMb: number;
}

interface RunOptions {
  /** Aborting kills the process and with it the job. */
  readonly signal?: AbortSignal | undefined;
  readonly onProgress?: ((share: number) => void) | undefined;
}

/** A pool of child processes, each of which runs one job at a time. */
export interface Processes {
  /** Throws a `WordedError`, a `JobFailed`, or the signal's reason. */
  readonly run: (order: JobOrder, options?: RunOptions) => Promise<unknown>;
  readonly end: () => void;
}

/** A fault of the program or the machine in another process. */
export class JobFailed extends Error {
  constructor(
    /** The database engine's code; empty for any other fault. */
    readonly code: string,
    words: string,
  ) {
    super(words);
    this.name = "JobFailed";
  }
}

export function makeProcesses(options: Options): Processes {
  const idle: ChildProcess[] = [];
  const waiting: (() => void)[] = [];
  let busy = 0;

  const start = (): ChildProcess => {
    const { script, maxHeapMb } = options;
    // Without the options of this process, which may load more than a job needs.
    const env = { ...process.env, NODE_OPTIONS: "" };
    const execArgv = [`--max-old-space-size=${maxHeapMb}`];
    const child = fork(script, {
      env,
      execArgv,
      serialization: "advanced",
      stdio: ["ignore", "inherit", "pipe", "ipc"],
    });
    child.on("error", (error) => console.error("A process for long work failed:", error));
    child.stderr?.setEncoding("utf8").on("data", (words: string) => {
      console.error("A process for long work says:", words);
    });
    // An open pipe would keep the server from exiting.
    if (child.stderr instanceof Socket) child.stderr.unref();
    return child;
  };

  const turn = async (signal: AbortSignal | undefined) => {
    while (busy >= options.maxProcesses) {
      await new Promise<void>((resolve) => waiting.push(resolve));
      if (signal?.aborted) waiting.shift()?.();
      signal?.throwIfAborted();
    }
    busy++;
    const child = idle.pop() ?? start();
    child.ref();
    child.channel?.ref();
    return child;
  };

  const release = (child: ChildProcess, isUsable: boolean) => {
    busy--;
    waiting.shift()?.();
    if (!isUsable) return void child.kill("SIGKILL");
    idle.push(child);
    // An idle child must not keep the server from exiting.
    child.unref();
    child.channel?.unref();
    const timer = setTimeout(() => {
      const index = idle.indexOf(child);
      if (index < 0) return;
      idle.splice(index, 1);
      child.disconnect();
    }, options.idleMs);
    timer.unref();
    child.once("exit", () => {
      clearTimeout(timer);
      const index = idle.indexOf(child);
      if (index >= 0) idle.splice(index, 1);
    });
  };

  const run = async (order: JobOrder, { signal, onProgress }: RunOptions = {}) => {
    signal?.throwIfAborted();
    const child = await turn(signal);
    let isUsable = false;
    try {
      signal?.throwIfAborted();
      const report = await reportFrom(child, order, { signal, onProgress });
      isUsable = true;
      if (report.kind === "answer") return report.answer;
      if (report.kind === "failed") throw new JobFailed(report.code, report.words);
      throw new WordedError(report.status, report.field, report.message);
    } finally {
      release(child, isUsable);
    }
  };

  return {
    run,
    end: () => {
      for (const child of idle.splice(0)) child.kill("SIGKILL");
    },
  };
}

type Ending = Exclude<JobReport, { readonly kind: "progress" }>;

function reportFrom(
  child: ChildProcess,
  order: JobOrder,
  { signal, onProgress }: RunOptions,
): Promise<Ending> {
  return new Promise((resolve, reject) => {
    const onMessage = (report: JobReport) => {
      if (report.kind === "progress") return onProgress?.(report.share);
      stopListening();
      resolve(report);
    };
    const onExit = (code: number | null, ending: NodeJS.Signals | null) => {
      stopListening();
      reject(
        isOutOfMemory(code, ending) ? tooMuchMemory() : new JobFailed("", endText(code, ending)),
      );
    };
    const onAbort = () => {
      stopListening();
      reject(signal?.reason as Error);
    };
    const stopListening = () => {
      child.off("message", onMessage);
      child.off("exit", onExit);
      signal?.removeEventListener("abort", onAbort);
    };
    child.on("message", onMessage);
    child.once("exit", onExit);
    signal?.addEventListener("abort", onAbort);
    child.send(order);
  });
}

/** V8 aborts when the heap is full; the system kills a process that takes too much memory. */
function isOutOfMemory(code: number | null, ending: NodeJS.Signals | null): boolean {
  const ABORTED = 134;
  return code === ABORTED || ending === "SIGABRT" || ending === "SIGKILL" || ending === "SIGTRAP";
}

function tooMuchMemory(): Refused {
  return new Refused("input", "That needs more memory than Tenon takes for one file.");
}

function endText(code: number | null, ending: NodeJS.Signals | null): string {
  return `The process for long work ended early (${ending ?? code}).`;
}
