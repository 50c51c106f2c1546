import { type Metadata } from "next";
import { cookies } from "next/headers";
import { SongScreen } from "@/features/song";
import { readSongAddress } from "@/formats/address";
import { readSongOrLast } from "@/server/page";
import { LAST_SONG, nextId } from "@/wire";

export const metadata: Metadata = { title: "Song" };

interface SongPageProps {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
}

export default async function SongPage({ searchParams }: SongPageProps) {
  const { id, ...view } = readSongAddress(await searchParams);
  const last = Number((await cookies()).get(LAST_SONG)?.value ?? NaN);
  const opensLast = id === null && Number.isSafeInteger(last);
  const asked = (opensLast ? readOrNothing(last) : null) ?? readOrNothing(id);
  const isMissing = id !== null && asked === null;
  const opened = isMissing ? readOrNothing(null) : asked;
  return (
    <SongScreen
      key={`${opened?.id ?? "new"}`}
      opened={opened}
      freshId={freshId()}
      view={opened?.id === id ? view : {}}
      isMissing={isMissing}
    />
  );
}

/** For a song that begins on the page; every request has its own. */
function freshId(): number {
  return nextId(Date.now(), Math.random());
}

/** What is wrong with the data is said by the frame of the page. */
function readOrNothing(id: number | null) {
  try {
    return readSongOrLast(id);
  } catch (error) {
    console.error(error);
    return null;
  }
}
