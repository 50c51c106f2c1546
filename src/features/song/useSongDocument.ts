import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { type SongSettings } from "@/core/arrangement";
import { readChart } from "@/core/song";
import { fetchSong, useAdopted, useHistory, useRig, useUndoThrough } from "@/session";
import {
  changedFields,
  LONGEST_NAME,
  type Change,
  type OpenedSong,
  type SongContent,
} from "@/state";
import { useEvent } from "@/ui/controls";

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

const QUIET_MS = 400;
const TYPING_PAUSE_MS = 1200;
const LEAVING = ["beforeunload", "pagehide"];
const NOTHING_KEPT: readonly never[] = [];

/** How far the server knows a song, and this page's last change of it. */
interface Known {
  readonly content: SongContent;
  readonly revision: number;
  readonly isNew: boolean;
  readonly lastKey: string | null;
}

/** What this page knows of songs it showed; newer than what a page gets that is opened before all is saved. */
const remembered = new Map<number, Known & { readonly shown: SongContent }>();
/** Changes of each song that are not acknowledged yet. */
const unacknowledged = new Map<number, number>();

export function useSongDocument(start: SongStart): SongDocument {
  const { id } = start;
  const { songs, change } = useRig();
  const adopted = useAdopted();
  const [first] = useState(() => newest(start));
  const history = useHistory<SongContent>(first.shown, NOTHING_KEPT);
  const known = useRef<Known>(first);
  const [pending, setPending] = useState(0);
  const typedAt = useRef(-Infinity);
  useUndoThrough(history.steps);
  const { value: song, change: changeSong } = history;

  const count = (by: number) => {
    const now = (unacknowledged.get(id) ?? 0) + by;
    unacknowledged.set(id, now);
    setPending(now);
  };
  const save = useEvent(() => {
    const { content, revision, isNew, lastKey } = known.current;
    const fields = changedFields(content, song);
    if (Object.keys(fields).length === 0) return;
    const key = crypto.randomUUID();
    known.current = { content: song, revision, isNew: false, lastKey: key };
    count(1);
    const act = isNew
      ? ({ act: "add", kind: "song", id, value: song, key } as const)
      : ({
          act: "set",
          kind: "song",
          id,
          fields,
          basedOn: revision,
          ...(lastKey !== null && { after: lastKey }),
          key,
        } as const);
    void change(act).then((outcome) => {
      count(-1);
      if (outcome?.notice !== undefined) {
        // Another window was first: its song is shown here, this one's is beside it.
        known.current = { ...known.current, lastKey: null, revision: 0 };
      } else if (!outcome) {
        // Refused, and told why: what is on the page is sent whole with the next change.
        known.current = { ...known.current, content, isNew };
      } else {
        const made = Math.max(known.current.revision, outcome.revision ?? 0);
        known.current = { ...known.current, revision: made };
        const last = remembered.get(id);
        if (last) remembered.set(id, { ...last, revision: made });
      }
    });
  });

  // Saved once the player stops, and at once when the page or the room is left.
  useEffect(() => {
    remembered.set(id, { ...known.current, shown: song });
    const timer = setTimeout(save, QUIET_MS);
    for (const leaving of LEAVING) window.addEventListener(leaving, save, { capture: true });
    return () => {
      clearTimeout(timer);
      for (const leaving of LEAVING) window.removeEventListener(leaving, save, { capture: true });
    };
  }, [id, song, save]);
  useEffect(
    () => () => {
      save();
      const last = remembered.get(id);
      if (last) remembered.set(id, { ...last, ...known.current });
    },
    [id, save],
  );

  // What another window saved is shown here, unless something of this one's is on its way.
  const heard = songs.find((each) => each.id === id)?.revision ?? 0;
  const take = useEvent((opened: OpenedSong) => {
    const { revision } = opened;
    if (revision <= known.current.revision) return;
    const content = contentOf(opened);
    known.current = { content, revision, isNew: false, lastKey: null };
    changeSong(() => content, true);
  });
  useEffect(() => {
    if (pending > 0 || heard <= known.current.revision) return;
    let isHere = true;
    void fetchSong(id).then((opened) => isHere && opened && take(opened));
    return () => {
      isHere = false;
    };
  }, [id, heard, pending, take]);

  // What an earlier page could not send goes on here.
  const resume = useEvent((changes: readonly Change[]) => {
    for (const each of changes) {
      if (each.kind !== "song" || each.id !== id) continue;
      if (each.act !== "add" && each.act !== "set") continue;
      const fields = each.act === "add" ? each.value : each.fields;
      const content = { ...known.current.content, ...fields };
      known.current = { ...known.current, content, isNew: false, lastKey: each.key };
      changeSong(() => fields, false);
    }
  });
  useEffect(() => resume(adopted), [adopted, resume]);

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
      changeSong((old) => ({ chart, name: nameAfter(old, chart) }), isStep);
    },
    [changeSong],
  );
  return useMemo(() => ({ id, song, set, setSettings, type }), [id, song, set, setSettings, type]);
}

export const UNNAMED = "New song";

/** A title in the chart names the song, until the player calls it something else. */
function nameAfter({ name, chart }: SongContent, next: string): string {
  const [before, after] = [titleIn(chart), titleIn(next)];
  return after !== null && (name === UNNAMED || name === before) ? after : name;
}

function titleIn(chart: string): string | null {
  // The title stands at the top; a long chart need not be read for it.
  const title = readChart(chart.slice(0, LONGEST_TOP)).title?.trim().slice(0, LONGEST_NAME) ?? "";
  return title === "" ? null : title;
}

const LONGEST_TOP = 1000;

function newest(start: SongStart): Known & { readonly shown: SongContent } {
  const { id, revision, isNew } = start;
  const content = contentOf(start);
  const last = remembered.get(id);
  // Known here as the page showed it last, and not changed by another since.
  const isAhead = (unacknowledged.get(id) ?? 0) > 0;
  if (last && (last.revision >= revision || isAhead)) return last;
  return { content, shown: content, revision, isNew, lastKey: null };
}

function contentOf({ name, chart, guitarId, tuningMidi, settings, archived }: SongContent) {
  return { name, chart, guitarId, tuningMidi, settings, archived };
}
