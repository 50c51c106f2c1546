import { failure } from "@/core/result";
import { answer } from "@/server/answer";
import { database } from "@/server/database";
import { choiceSchema, validate } from "@/server/schemas";
import { saveChoice } from "@/server/workspace";

const LARGEST_BYTES = 16_384;
const [BAD_REQUEST, TOO_LARGE] = [400, 413];

/**
 * Remembers where the player is. A route and not an action, because a page that is being left can
 * still send to a route.
 */
export async function POST(request: Request): Promise<Response> {
  const text = await request.text();
  if (text.length > LARGEST_BYTES) {
    return Response.json(failure("input", "too large"), { status: TOO_LARGE });
  }
  const result = answer(() => saveChoice(database(), validate(choiceSchema, JSON.parse(text))));
  return Response.json(result, { status: result.ok ? 200 : BAD_REQUEST });
}
