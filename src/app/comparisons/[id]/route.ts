import { failure, success } from "@/core/result";
import { comparisonKeeper } from "@/server/comparisons";
import { served } from "@/server/database";
import { findKept } from "@/server/keeper";
import { type OpenedComparison } from "@/state";

const NOT_FOUND = 404;

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** One saved comparison, whole; lists carry only the names. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  const found = findKept(served().connection, comparisonKeeper, Number(id));
  if (!found || found.deleted) {
    return Response.json(failure("id", "There is no such comparison any more."), {
      status: NOT_FOUND,
    });
  }
  const { name, comparison } = found.value;
  const opened: OpenedComparison = { id: found.id, revision: found.revision, name, comparison };
  return Response.json(success(opened));
}
