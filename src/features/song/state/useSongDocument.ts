import { useCallback, useMemo, useRef, useState } from "react";
import { type SongSettings } from "@/core/arrangement";
import { readChart } from "@/core/song";
import { fetchSong, useAdopted, useDocument, useRig, type DocumentChange } from "@/session";
import { LONGEST_NAME, remembered, type OpenedSong, type SongContent } from "@/state";
import { type Change } from "@/wire";
import { tuningTyped } from "./songTuning";

/** A song as it is worked on: every change is saved, and can be undone. */
export interface SongDocument {
  readonly id: number;
  readonly song: SongContent;
  readonly set: (part: Partial<SongContent>) => void;
  readonly setSettings: (part: Partial<SongSettings>) => void;
  /** What is typed: one step for undo until the player pauses. */
  readonly type: (chart: string) => void;
}

/** A song that is opened, or one that begins; it is kept from the first change on. */
export interface SongStart extends OpenedSong {
  readonly isNew: boolean;
}

const TYPING_PAUSE_MS = 1200;

export function useSongDocument(start: SongStart): SongDocument {
  const { id, revision, isNew } = start;
  const { songs, guitars, change } = useRig();
  const adopted = useAdopted();
  const [first] = useState(() => ({ content: contentOf(start), revision, isNew }));
  const [server] = useState(() => ({
    send: (made: DocumentChange<SongContent>) => change({ ...made, kind: "song", id }),
    fetch: async () => {
      const opened = await fetchSong(id);
      return opened && { content: contentOf(opened), revision: opened.revision };
    },
  }));
  const { value: song, change: changeSong } = useDocument<SongContent>({
    name: `song ${id}`,
    first,
    server,
    heard: songs.find((each) => each.id === id)?.revision ?? 0,
    resumed: useMemo(() => adopted.flatMap((each) => ofSong(each, id)), [adopted, id]),
  });
  const typedAt = useRef(-Infinity);

  const set = useCallback(
    (part: Partial<SongContent>) => changeSong(() => part, true),
    [changeSong],
  );
  const setSettings = useCallback(
    (part: Partial<SongSettings>) =>
      changeSong((old) => ({ settings: { ...old.settings, ...part } }), true),
    [changeSong],
  );
  const type = useCallback(
    (chart: string) => {
      const now = performance.now();
      const isStep = now - typedAt.current > TYPING_PAUSE_MS;
      typedAt.current = now;
      changeSong(
        (old) => ({ chart, name: nameAfter(old, chart), ...tuningTyped(old, chart, guitars) }),
        isStep,
      );
    },
    [changeSong, guitars],
  );
  return useMemo(() => ({ id, song, set, setSettings, type }), [id, song, set, setSettings, type]);
}

export const UNNAMED = "New song";

/**
 * A title in the chart names the song, until the player calls it something else. A first line that is no title any more, as
 * while a fact is typed there, takes its name away with it.
 */
function nameAfter({ name, chart }: SongContent, next: string): string {
  const [before, after] = [titleIn(chart), titleIn(next)];
  if (name !== UNNAMED && name !== before) return name;
  const wasFirstLine = before !== null && chart.trimStart().startsWith(before);
  return after ?? (wasFirstLine ? UNNAMED : name);
}

/** The title stands at the top; a long chart need not be read for it, nor a top that did not change. */
function titleIn(chart: string): string | null {
  return titleOfTop(chart.slice(0, LONGEST_TOP));
}

const LONGEST_TOP = 1000;

const titleOfTop = remembered((top) => {
  const title = readChart(top).title?.trim().slice(0, LONGEST_NAME) ?? "";
  return title === "" ? null : title;
});

/** What a change sets of a song; nothing where it is of another or of something else. */
function ofSong(change: Change, id: number) {
  if (change.kind !== "song" || change.id !== id) return [];
  if (change.act === "add") return [{ fields: change.value, key: change.key }];
  return change.act === "set" ? [{ fields: change.fields, key: change.key }] : [];
}

function contentOf({ name, chart, guitarId, tuningMidi, settings, archived }: SongContent) {
  return { name, chart, guitarId, tuningMidi, settings, archived };
}
