import { createHash, randomBytes } from "node:crypto";
import { type Server } from "../../scripts/lib/startServer";
import { PIECE_BYTES } from "../../src/wire";
import { ask } from "../durability/ask";
import { residentMb } from "./figures";

const TOTAL_BYTES = 1_000_000_000;

/** A file of 1 GB in pieces: how long it takes, what it takes of memory, and what is said of it. */
export async function largeFile({ address, pid }: Server): Promise<void> {
  await ask(address, "GET", "/");
  const before = residentMb(pid).own;
  const post = async (path: string, body: string | Uint8Array<ArrayBuffer> = "") => {
    const response = await fetch(address + path, {
      method: "POST",
      headers: { origin: address },
      body,
    });
    return (await response.json()) as {
      readonly value: { readonly id: string; readonly receivedBytes: number };
    };
  };
  const { id } = (await post("/uploads", JSON.stringify({ bytes: TOTAL_BYTES }))).value;
  const whole = createHash("sha256");
  const piece = new Uint8Array(randomBytes(PIECE_BYTES));
  const sha256 = createHash("sha256").update(piece).digest("hex");
  let most = 0;
  const startMs = performance.now();
  for (let offset = 0; offset < TOTAL_BYTES; offset += PIECE_BYTES) {
    whole.update(piece);
    const sent = await post(`/uploads/piece?id=${id}&offset=${offset}&sha256=${sha256}`, piece);
    if (sent.value.receivedBytes !== offset + PIECE_BYTES) throw new Error(JSON.stringify(sent));
    most = Math.max(most, residentMb(pid).own);
  }
  const seconds = ((performance.now() - startMs) / 1000).toFixed(1);
  console.log(`1 GB in ${seconds} s; server ${before} MB before, ${most} MB at most`);
  const query = `upload=${id}&sha256=${whole.digest("hex")}`;
  console.log("read as a backup:", JSON.stringify(await post(`/data/backup?${query}`)));
  console.log(`server ${residentMb(pid).own} MB after`);
  await fetch(`${address}/uploads/piece?id=${id}`, {
    method: "DELETE",
    headers: { origin: address },
  });
}
