import { success } from "@/core/result";
import { comparisonKeeper } from "@/server/tables";
import { served } from "@/server/database";
import { answer, NotFound, wholeNumber } from "@/server/edge";
import { findKept } from "@/server/keeper";
import { type OpenedComparison } from "@/state";

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** One saved comparison, whole; lists carry only the names. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answer(async () => {
    const { id } = await params;
    const found = findKept(served().connection, comparisonKeeper, wholeNumber(id));
    if (!found || found.deleted) throw new NotFound("id", "There is no such comparison any more.");
    const { name, comparison } = found.value;
    const opened: OpenedComparison = { id: found.id, revision: found.revision, name, comparison };
    return Response.json(success(opened));
  });
}
