import { type Schema } from "yup";
import { failure, success } from "@/core/result";
import { Refused } from "./refused";
import { validate } from "./validate";

const LARGEST_BYTES = 10_000;
const [BAD_REQUEST, TOO_LARGE, FAULT] = [400, 413, 500];

/** Reads a small JSON body, checks it, does the work, and answers that it was done or why not. */
export async function answerPost<T>(
  request: Request,
  schema: Schema<T>,
  work: (value: T) => void,
): Promise<Response> {
  try {
    const text = await request.text();
    if (text.length > LARGEST_BYTES) return refuse(TOO_LARGE, "input", "too large");
    work(validate(schema, parseJson(text)));
    return Response.json(success(null));
  } catch (error) {
    if (error instanceof Refused) return refuse(BAD_REQUEST, error.field, error.message);
    console.error(error);
    return refuse(FAULT, "fault", "That could not be done; the window where Tenon runs says why.");
  }
}

/** Throws `Refused` for what is no JSON. */
export function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new Refused("input", "not JSON");
  }
}

function refuse(status: number, field: string, message: string): Response {
  return Response.json(failure(field, message), { status });
}
