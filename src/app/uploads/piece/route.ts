import { success } from "@/core/result";
import { answer, readBytes, wholeNumber } from "@/server/edge";
import { addPiece, dropUpload, findUpload } from "@/server/uploads";
import { PIECE_BYTES, type UploadState } from "@/wire";

/** How far a file has arrived: ?id=... */
export function GET(request: Request): Promise<Response> {
  return answer(() => {
    const { id, receivedBytes } = findUpload(idOf(request));
    return Response.json(success<UploadState>({ id, receivedBytes }));
  });
}

/** Takes a piece: ?id=...&offset=4000000&sha256=... */
export function POST(request: Request): Promise<Response> {
  return answer(async () => {
    const query = new URL(request.url).searchParams;
    const bytes = await readBytes(request, PIECE_BYTES);
    const offset = wholeNumber(query.get("offset"));
    const sha256 = query.get("sha256") ?? "";
    const { id, receivedBytes } = await addPiece(idOf(request), { offset, bytes, sha256 });
    return Response.json(success<UploadState>({ id, receivedBytes }));
  });
}

/** Forgets a file, whole or not: ?id=... */
export function DELETE(request: Request): Promise<Response> {
  return answer(() => {
    dropUpload(idOf(request));
    return Response.json(success(null));
  });
}

function idOf(request: Request): string {
  return new URL(request.url).searchParams.get("id") ?? "";
}
