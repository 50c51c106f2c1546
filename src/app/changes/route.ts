import { dataMark, effectsSince, makeChanges, requestSchema } from "@/server/changes";
import { recordMade, served, write } from "@/server/database";
import { answer, parseJson, readTextBody, validate, wholeNumber, WordedError } from "@/server/edge";
import { isFields } from "@/state";
import { renameInChange, type ChangeRequest, type ChangeResponse } from "@/wire";
import { BUILD } from "@/wire/build";

/** Room for the longest chart with every character escaped, and for as many small changes as a page sends at once. */
const MAX_BYTES = 8_000_000;
const CONFLICT = 409;

/**
 * Makes a page's changes, and tells it what others changed. A route and not an action, because a page that is being
 * left can still send to a route.
 */
export async function POST(request: Request): Promise<Response> {
  return answer(async () => {
    const body = parseJson(await readTextBody(request, MAX_BYTES));
    const sent = validate(requestSchema, withCurrentNames(body)) as unknown as ChangeRequest;
    checkData(sent);
    const response = await write((connection): ChangeResponse => {
      const outcomes = makeChanges(connection, sent.changes);
      const made = dataMark(connection);
      recordMade(recordLines(sent, outcomes, made));
      const effects = effectsSince(connection, sent.since);
      return { build: BUILD, ...made, outcomes, effects };
    });
    return Response.json(response);
  });
}

/** What was changed since a revision, by whichever page: ?identity=...&since=12 */
export async function GET(request: Request): Promise<Response> {
  return answer(() => {
    const query = new URL(request.url).searchParams;
    const since = wholeNumber(query.get("since"));
    const mark = checkData({ identity: query.get("identity") ?? "", since });
    const effects = since === mark.revision ? [] : effectsSince(served().connection, since);
    return Response.json({ build: BUILD, ...mark, outcomes: [], effects } satisfies ChangeResponse);
  });
}

/** Throws where the page was made from other data than are served now. */
function checkData({ identity, since }: Pick<ChangeRequest, "identity" | "since">) {
  const mark = dataMark(served().connection);
  if (identity === mark.identity && since <= mark.revision) return mark;
  const message = "This page was loaded from other data; reload it.";
  throw new WordedError(CONFLICT, "identity", message);
}

/** Pages of an earlier Tenon call some kinds and fields by other names. */
function withCurrentNames(request: unknown): unknown {
  if (!isFields(request) || !Array.isArray(request.changes)) return request;
  return { ...request, changes: request.changes.map(renameInChange) };
}

/** What goes into the record of acknowledged changes. */
function recordLines(
  { changes }: ChangeRequest,
  outcomes: ChangeResponse["outcomes"],
  { identity, revision }: { readonly identity: string; readonly revision: number },
) {
  const refused = new Set(outcomes.flatMap(({ key, problem }) => (problem ? [key] : [])));
  const at = new Date().toISOString();
  return changes
    .filter(({ key }) => !refused.has(key))
    .map(({ act, kind }) => ({ identity, revision, at, what: `${act} ${kind}` }));
}
