const MAX_LOOKED_AT = 4096;

/**
 * The text of bytes: UTF-8, or UTF-16 in either order, with or without a byte order mark; anything else as Latin letters of
 * Windows (code page 1252), which never fails.
 */
export function decodeText(bytes: Uint8Array): string {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return decoded("utf-16le", bytes);
  if (first === 0xfe && second === 0xff) return decoded("utf-16be", bytes);
  const order = zeroOrder(bytes);
  if (order) return decoded(order, bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return decoded("windows-1252", bytes);
  }
}

function decoded(encoding: string, bytes: Uint8Array): string {
  return new TextDecoder(encoding).decode(bytes);
}

/** UTF-16 without a mark: of Latin letters every other byte is zero. */
function zeroOrder(bytes: Uint8Array): "utf-16le" | "utf-16be" | null {
  const seen = bytes.subarray(0, MAX_LOOKED_AT);
  if (seen.length < 4) return null;
  let [even, odd] = [0, 0];
  for (const [at, byte] of seen.entries()) {
    if (byte !== 0) continue;
    if (at % 2 === 0) even++;
    else odd++;
  }
  const half = seen.length / 2;
  if (odd > 0.7 * half && even < 0.1 * half) return "utf-16le";
  return even > 0.7 * half && odd < 0.1 * half ? "utf-16be" : null;
}
