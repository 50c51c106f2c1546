import { failure } from "@/core/result";
import { dataMark, effectsSince, makeChanges, requestSchema } from "@/server/changes";
import { DataTrouble, NotSaved, recordMade, served, write } from "@/server/database";
import { parseJson, Refused, validate } from "@/server/edge";
import { type ChangeAnswer, type ChangeRequest } from "@/state";
import { BUILD } from "@/state/build";

/** Room for as many changes as a page sends at once, comparisons among them. */
const LARGEST_BYTES = 400_000;
const [BAD_REQUEST, CONFLICT, TOO_LARGE, UNAVAILABLE, FAULT] = [400, 409, 413, 503, 500];

/**
 * Makes a page's changes, and tells it what others changed. A route and not an action, because a page that is being
 * left can still send to a route.
 */
export async function POST(request: Request): Promise<Response> {
  const text = await request.text();
  if (text.length > LARGEST_BYTES) return refuse(TOO_LARGE, "input", "too large");
  return answer(async () => {
    const sent = validate(requestSchema, parseJson(text)) as unknown as ChangeRequest;
    const { identity, revision } = dataMark(served().connection);
    if (sent.identity !== identity || sent.since > revision) return OTHER_DATA;
    return write((connection): ChangeAnswer => {
      const outcomes = makeChanges(connection, sent.changes);
      const made = dataMark(connection);
      recordMade(recordLines(sent, outcomes, made));
      const effects = effectsSince(connection, sent.since);
      return { build: BUILD, ...made, outcomes, effects };
    });
  });
}

/** What was changed since a revision, by whichever page: ?identity=...&since=12 */
export async function GET(request: Request): Promise<Response> {
  return answer(() => {
    const query = new URL(request.url).searchParams;
    const since = Number(query.get("since") ?? "0");
    const { connection } = served();
    const mark = dataMark(connection);
    const isSame = query.get("identity") === mark.identity && since <= mark.revision;
    if (!isSame) return OTHER_DATA;
    const effects = since === mark.revision ? [] : effectsSince(connection, since);
    return { build: BUILD, ...mark, outcomes: [], effects } satisfies ChangeAnswer;
  });
}

const OTHER_DATA = Symbol("other data");

async function answer(
  work: () => ChangeAnswer | typeof OTHER_DATA | Promise<ChangeAnswer | typeof OTHER_DATA>,
): Promise<Response> {
  try {
    const done = await work();
    if (done !== OTHER_DATA) return Response.json(done);
    return refuse(CONFLICT, "identity", "This page was loaded from other data; reload it.");
  } catch (error) {
    if (error instanceof Refused) return refuse(BAD_REQUEST, error.field, error.message);
    if (error instanceof NotSaved) return refuse(UNAVAILABLE, error.reason, error.message);
    if (error instanceof DataTrouble) {
      return refuse(UNAVAILABLE, error.kind, "The data folder cannot be used; reload to see why.");
    }
    console.error(error);
    return refuse(FAULT, "fault", "That could not be saved.");
  }
}

function refuse(status: number, field: string, message: string): Response {
  return Response.json({ build: BUILD, ...failure(field, message) }, { status });
}

/** What goes into the record of acknowledged changes. */
function recordLines(
  { changes }: ChangeRequest,
  outcomes: ChangeAnswer["outcomes"],
  { identity, revision }: { readonly identity: string; readonly revision: number },
) {
  const refused = new Set(outcomes.flatMap(({ key, problem }) => (problem ? [key] : [])));
  const at = new Date().toISOString();
  return changes
    .filter(({ key }) => !refused.has(key))
    .map(({ act, kind }) => ({ identity, revision, at, what: `${act} ${kind}` }));
}
