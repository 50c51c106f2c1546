import { type JobAnswer, type JobName, type JobRequest } from "./jobs";

/** One job, as the server sends it to a process. */
export interface JobOrder<N extends JobName = JobName> {
  readonly name: N;
  readonly request: JobRequest<N>;
  /** The data file that the server has open. */
  readonly file: string;
  readonly folder: string;
}

/** What the process sends back: how far it is, and in the end one of the others. */
export type JobReport<N extends JobName = JobName> =
  | { readonly kind: "progress"; readonly share: number }
  | { readonly kind: "answer"; readonly answer: JobAnswer<N> }
  | {
      readonly kind: "refused";
      readonly status: number;
      readonly field: string;
      readonly message: string;
    }
  | { readonly kind: "failed"; readonly code: string; readonly words: string };
