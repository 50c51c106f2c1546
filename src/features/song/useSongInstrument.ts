import { useEffect, useRef } from "react";
import { useInstrument, useView } from "@/session";
import { useEvent } from "@/ui/controls";
import { type SongDocument } from "@/features/song/state";

/**
 * The guitar in hand is tuned for the song that is open: opening a song shows its guitar and tuning, and choosing another
 * beside the song, as in the header, plays the song there.
 */
export function useSongInstrument({ song, set }: SongDocument): void {
  const { guitar, tuning } = useInstrument();
  const { show } = useView();
  const { guitarId, tuningMidi } = song;
  const songs = `${guitarId} ${tuningMidi.join()}`;
  const hands = `${guitar.id} ${tuning.midi.join()}`;
  const last = useRef<{ readonly songs: string | null; readonly hands: string }>({
    songs: null,
    hands,
  });
  const follow = useEvent(() => {
    const { songs: songBefore, hands: handsBefore } = last.current;
    last.current = { songs, hands };
    if (songs === hands) return;
    if (songs !== songBefore) show({ guitarId, tuningMidi });
    else if (hands !== handsBefore) set({ guitarId: guitar.id, tuningMidi: tuning.midi });
  });
  useEffect(follow, [songs, hands, follow]);
}
