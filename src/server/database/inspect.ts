import { closeSync, existsSync, openSync, readSync, statSync } from "node:fs";
import { DataTrouble } from "./trouble";
import { dataFile } from "./folder";
import { listCopies } from "./copies";
import { hasRecord } from "./record";

const HEADER_BYTES = 100;
const MAGIC = "SQLite format 3\0";
/** Where the header tells the size of a page and how many there are (sqlite.org/fileformat2.html, 1.3). */
const [PAGE_SIZE_AT, PAGE_COUNT_AT] = [16, 28];
const LARGEST_PAGE = 65_536;

/** Looks at the file before the engine does, which would take an empty one for new. Throws `DataTrouble`. */
export function inspectFile(folder: string): void {
  const file = dataFile(folder);
  const wasUsed = () => hasRecord(folder) || listCopies(folder).length > 0;
  if (!existsSync(file)) {
    if (wasUsed()) throw new DataTrouble("missing", folder);
    return;
  }
  const { size } = statSync(file);
  if (size === 0) {
    if (wasUsed()) throw new DataTrouble("cut", folder, "0 bytes are left");
    return;
  }
  const header = readHeader(file);
  const isWhole = header.toString("latin1", 0, MAGIC.length) === MAGIC;
  if (!isWhole) throw new DataTrouble("garbage", folder);
  const pageSize = header.readUInt16BE(PAGE_SIZE_AT);
  const expected = header.readUInt32BE(PAGE_COUNT_AT) * (pageSize === 1 ? LARGEST_PAGE : pageSize);
  // Pages that are still in the log may be missing from the file.
  const hasLog = existsSync(`${file}-wal`) && statSync(`${file}-wal`).size > 0;
  if (size < expected && !hasLog) {
    throw new DataTrouble("cut", folder, `${size} of ${expected} bytes are left`);
  }
}

function readHeader(file: string): Buffer {
  const header = Buffer.alloc(HEADER_BYTES);
  const handle = openSync(file, "r");
  try {
    readSync(handle, header, 0, HEADER_BYTES, 0);
  } finally {
    closeSync(handle);
  }
  return header;
}
