import { failure } from "@/core/result";
import { BUILD } from "@/wire/build";
import { WordedError } from "./wordedError";

const FAULT = 500;

/** A route's response to a request; an error that its work throws becomes a status and a `Result` in words. */
export async function answer(work: () => Response | Promise<Response>): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof WordedError) return problem(error.status, error.field, error.message);
    console.error(error);
    const message = "That could not be done; the window where Tenon runs says why.";
    return problem(FAULT, "fault", message);
  }
}

/** Pages of another build are told so with every problem. */
function problem(status: number, field: string, message: string): Response {
  return Response.json({ build: BUILD, ...failure(field, message) }, { status });
}
