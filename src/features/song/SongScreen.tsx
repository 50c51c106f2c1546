"use client";

import { useEffect, useState } from "react";
import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { fetchSong, newId, useInstrument, useTell } from "@/session";
import { type OpenedSong } from "@/state";
import { LAST_SONG } from "@/wire";
import { OpenSong } from "./OpenSong";
import { type SongView } from "@/features/song/state";
import { UNNAMED, type SongStart } from "@/features/song/state";

interface SongScreenProps {
  /** The song that the address asks for, or the last one; null where there is none. */
  readonly opened: OpenedSong | null;
  readonly view: Partial<SongView>;
  /** A number for a song that begins on this page. */
  readonly freshId: number;
  /** The address asked for a song that is no more. */
  readonly isMissing: boolean;
}

const A_YEAR_S = 31_536_000;

/** From a chord chart to a route over the neck that holds at tempo. */
export function SongScreen({ opened, freshId, view, isMissing }: SongScreenProps) {
  const { guitar, tuning } = useInstrument();
  const tell = useTell();
  const begin = (id: number): SongStart => ({
    id,
    revision: 0,
    isNew: true,
    name: UNNAMED,
    chart: "",
    guitarId: guitar.id,
    tuningMidi: tuning.midi,
    settings: DEFAULT_SONG_SETTINGS,
    archived: false,
  });
  const [start, setStart] = useState(() => (opened ? { ...opened, isNew: false } : begin(freshId)));
  const [firstView, setFirstView] = useState(view);

  const open = async (id: number) => {
    const found = await fetchSong(id);
    if (!found) {
      tell({ text: "That song could not be fetched. Is Tenon still running?" });
      return;
    }
    setFirstView({});
    setStart({ ...found, isNew: false });
  };
  // The server reads this cookie, so that the Song tab returns to the last song.
  useEffect(() => {
    document.cookie = `${LAST_SONG}=${start.id}; path=/; samesite=strict; max-age=${A_YEAR_S}`;
  }, [start]);
  return (
    <>
      <h1 className="sr-only">Song</h1>
      {isMissing && <p className="mb-3 text-muted">The song in this address no longer exists.</p>}
      <OpenSong
        key={start.id}
        start={start}
        view={firstView}
        onOpen={(id) => void open(id)}
        onNew={() => {
          setFirstView({});
          setStart(begin(newId()));
        }}
      />
    </>
  );
}
