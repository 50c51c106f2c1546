/** Something to be saved as a file. */
interface SavedFile {
  readonly body: BodyInit;
  /** Where it is known before the body is sent. */
  readonly bytes?: number;
  readonly name: string;
  readonly type: string;
  /** What the file cannot hold, in words; it stands in a header. */
  readonly left?: readonly string[];
}

/** A response that the browser saves as a file. */
export function fileResponse({ body, bytes, name, type, left }: SavedFile): Response {
  return new Response(body, {
    headers: {
      "Content-Type": type,
      "Content-Disposition": `attachment; filename="${name}"`,
      "Cache-Control": "no-store",
      ...(bytes !== undefined && { "Content-Length": String(bytes) }),
      ...(left && { "Tenon-Problems": encodeURIComponent(JSON.stringify(left)) }),
    },
  });
}
