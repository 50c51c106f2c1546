import { useState } from "react";
import { Archive, ArchiveRestore, Copy, FileUp, Plus, Trash2 } from "lucide-react";
import { nameTuning } from "@/core/tuning";
import { fetchSong, newId, useBringIn, useRig, useTell } from "@/session";
import { LONGEST_NAME, type SavedSong } from "@/state";
import { TextField } from "@/ui/controls";
import { NoteText } from "@/ui/text";
import { useFoundInCharts } from "./useFoundInCharts";

interface SongsPanelProps {
  readonly currentId: number;
  readonly onOpen: (id: number) => void;
  readonly onNew: () => void;
}

/** The player's songs: opened, copied, archived, deleted, looked for. */
export function SongsPanel({ currentId, onOpen, onNew }: SongsPanelProps) {
  const { songs, change, profile } = useRig();
  const tell = useTell();
  const bringIn = useBringIn();
  const [query, setQuery] = useState("");
  const [showsArchived, setShowsArchived] = useState(false);
  const wanted = query.trim().toLowerCase();
  const inCharts = useFoundInCharts(wanted);
  const tuningName = ({ tuningMidi }: SavedSong) =>
    nameTuning(tuningMidi, profile.accidentals).name;
  const found = songs.filter(
    (song) =>
      song.archived === showsArchived &&
      (inCharts.has(song.id) ||
        [song.name, tuningName(song)].some((text) => text.toLowerCase().includes(wanted))),
  );
  const archivedCount = songs.filter(({ archived }) => archived).length;

  const setArchived = ({ id, name, archived }: SavedSong) => {
    const set = (next: boolean) =>
      ({ act: "set", kind: "song", id, fields: { archived: next } }) as const;
    const text = archived ? `${name} is among your songs again.` : `${name} archived.`;
    void change(set(!archived), { text, undo: () => void change(set(archived)) });
  };
  const remove = ({ id, name }: SavedSong) => {
    const undo = () =>
      void change({ act: "restore", kind: "song", id }, { text: `${name} is back.` });
    void change({ act: "delete", kind: "song", id }, { text: `${name} is deleted.`, undo });
    const next = songs.find((each) => each.id !== id && !each.archived);
    if (id === currentId) {
      if (next) onOpen(next.id);
      else onNew();
    }
  };
  const duplicate = async ({ id }: SavedSong) => {
    const song = await fetchSong(id);
    if (!song) {
      tell({ text: "That song could not be fetched. Is Tenon still running?" });
      return;
    }
    const { revision: _revision, id: _id, ...content } = song;
    const copy = { ...content, name: copyName(content.name, songs), archived: false };
    const made = newId();
    const undo = () => void change({ act: "delete", kind: "song", id: made });
    await change(
      { act: "add", kind: "song", id: made, value: copy },
      { text: `${copy.name} is a copy of ${content.name}.`, undo },
    );
    onOpen(made);
  };

  return (
    <div role="group" aria-label="Songs" className="panel space-y-3 p-3">
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          label="Find a song"
          type="search"
          className="w-64"
          value={query}
          onChange={({ target }) => setQuery(target.value)}
        />
        <button type="button" className="button" onClick={onNew}>
          <Plus size={18} aria-hidden="true" />
          New song
        </button>
        <button type="button" className="button" onClick={() => bringIn()}>
          <FileUp size={18} aria-hidden="true" />
          Bring in a song
        </button>
        {(archivedCount > 0 || showsArchived) && (
          <button
            type="button"
            className="button"
            aria-pressed={showsArchived}
            onClick={() => setShowsArchived((old) => !old)}
          >
            {showsArchived ? "Back to your songs" : `Archived: ${archivedCount}`}
          </button>
        )}
      </div>
      {found.length === 0 && (
        <p className="text-muted">
          {wanted === "" ? "No songs yet." : "No song has that in its name, tuning or chart."}
        </p>
      )}
      <ul aria-label="Your songs" className="grid gap-2 sm:grid-cols-2 xl:grid-cols-3">
        {found.map((song) => (
          <li
            key={song.id}
            className={`flex items-stretch rounded-lg border ${song.id === currentId ? "border-ink" : "border-line"}`}
          >
            <button
              type="button"
              aria-label={`Open ${song.name}`}
              className="min-h-11 min-w-0 flex-1 rounded-l-lg px-3 py-1.5 text-left hover:bg-picked"
              onClick={() => onOpen(song.id)}
            >
              <span className="block truncate font-semibold">{song.name}</span>
              <span className="block truncate text-[15px] text-muted">
                {inCharts.get(song.id) ?? <NoteText>{tuningName(song)}</NoteText>}
              </span>
            </button>
            {(
              [
                ["Duplicate", Copy, () => void duplicate(song)],
                [
                  song.archived ? "Unarchive" : "Archive",
                  song.archived ? ArchiveRestore : Archive,
                  () => setArchived(song),
                ],
                ["Delete", Trash2, () => remove(song)],
              ] as const
            ).map(([what, Icon, act]) => (
              <button
                key={what}
                type="button"
                aria-label={`${what} ${song.name}`}
                title={what}
                className="min-w-11 border-l border-line text-muted last:rounded-r-lg hover:bg-picked hover:text-ink"
                onClick={act}
              >
                <Icon size={18} aria-hidden="true" className="mx-auto" />
              </button>
            ))}
          </li>
        ))}
      </ul>
    </div>
  );
}

function copyName(name: string, songs: readonly SavedSong[]): string {
  const taken = new Set(songs.map((song) => song.name));
  for (let number = 2; ; number++) {
    const ending = ` (${number})`;
    const copy = `${[...name].slice(0, LONGEST_NAME - ending.length).join("")}${ending}`;
    if (!taken.has(copy)) return copy;
  }
}
