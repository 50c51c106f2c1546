import { strFromU8, strToU8, zipSync } from "fflate";
import { failure, success, type Result } from "@/core/result";
import { unzipped } from "@/formats/unzipped";

const CONTAINER = "META-INF/container.xml";
const SCORE = "score.musicxml";
/** Equal scores make equal bytes. */
const MTIME = new Date("2000-01-01T00:00:00Z");
/** More than any score; a small file that swells beyond it is no score. */
const MAX_BYTES = 32 * 1024 * 1024;

/** MusicXML as a compressed file. */
export function writeMxl(xml: string): Uint8Array {
  const container = `<?xml version="1.0" encoding="UTF-8"?>
<container>
  <rootfiles>
    <rootfile full-path="${SCORE}" media-type="application/vnd.recordare.musicxml+xml"/>
  </rootfiles>
</container>
`;
  return zipSync(
    {
      mimetype: [strToU8("application/vnd.recordare.musicxml"), { level: 0 }],
      [CONTAINER]: strToU8(container),
      [SCORE]: strToU8(xml),
    },
    { mtime: MTIME, level: 3 },
  );
}

/** The score within a compressed file, as its container says, or the only one in it. */
export function scoreBytesOf(bytes: Uint8Array): Result<Uint8Array> {
  const files = unzipped(bytes, MAX_BYTES, (name) => /\.(?:xml|musicxml)$/i.test(name));
  if (!files.ok) return files;
  const container = files.value.get(CONTAINER);
  const named = container && /full-path\s*=\s*["']([^"']+)["']/.exec(strFromU8(container))?.[1];
  const others = [...files.value.keys()].filter((name) => !name.startsWith("META-INF/"));
  const found = files.value.get(named ?? "") ?? files.value.get(others[0] ?? "");
  return found ? success(found) : failure("input", "there is no score in this compressed file");
}
