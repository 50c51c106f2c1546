import { useRouter } from "next/navigation";
import { type ReactNode } from "react";
import { samePitches } from "@/core/tuning";
import { writeSongAddress } from "@/formats/address";
import { newId, useRig, useTell } from "@/session";
import { guitarFor, type Comparison } from "@/state";
import { type FilePreview, type SongPreview } from "@/wire";
import { NoteText } from "@/ui/text";
import { AgainstTenon } from "./AgainstTenon";
import { NotUnderstood } from "./NotUnderstood";
import { ReadLines } from "./ReadLines";
import { FROM_WORDS } from "./words";

interface KeptAsProps {
  readonly preview: FilePreview;
  readonly onBack: () => void;
  readonly onClose: () => void;
}

/** What was read, and the one button that keeps it; kept together, and undone together. */
export function KeptAs({ preview, onBack, onClose }: KeptAsProps) {
  const { guitars, ownTunings, change } = useRig();
  const tell = useTell();
  const router = useRouter();

  const keepSong = async ({ song }: SongPreview) => {
    const guitar = guitarFor(guitars, guitars[0], song.tuningMidi.length);
    if (!guitar) {
      const strings = song.tuningMidi.length;
      tell({ text: `There is no guitar with ${strings} strings; make one under Rig first.` });
      return;
    }
    const id = newId();
    onClose();
    const undo = () => void change({ act: "delete", kind: "song", id });
    const made = await change(
      { act: "add", kind: "song", id, value: { ...song, guitarId: guitar.id } },
      { text: `${song.name} is among your songs.`, undo },
    );
    if (made) router.push(`/song${writeSongAddress({ id, section: 0, chord: null })}`);
  };
  const keepTunings = async (tunings: readonly { name: string; midi: readonly number[] }[]) => {
    const acts = tunings.map(({ name, midi }) => {
      const id = newId();
      return { act: "add", kind: "tuning", id, value: { name, midi } } as const;
    });
    onClose();
    const undo = () =>
      void change(acts.map(({ id }) => ({ act: "delete", kind: "tuning", id }) as const));
    const made = await change(acts, { text: `${count(acts.length, "tuning")} brought in.`, undo });
    if (made) router.push("/rig/tunings");
  };

  /** A comparison from elsewhere, on guitars of this player's with as many strings. */
  const onOwn = (comparison: Comparison): Comparison => ({
    ...comparison,
    columns: comparison.columns.flatMap((column) => {
      const named = guitars.find(({ id }) => id === column.guitarId) ?? guitars[0];
      const guitar = guitarFor(guitars, named, column.midi.length);
      return guitar ? [{ ...column, guitarId: guitar.id }] : [];
    }),
  });

  switch (preview.kind) {
    case "song": {
      const { song, bars, chords, grips, capo, tempoBpm } = preview;
      const facts = [
        FROM_WORDS[preview.from] ?? preview.from,
        count(bars, "bar"),
        count(chords, "chord"),
        ...(grips > 0 ? [`${grips} with a grip of their own`] : []),
        ...(tempoBpm === null ? [] : [`${Math.round(tempoBpm)} bpm`]),
        ...(capo > 0 ? [`capo ${capo}: choose a guitar with it`] : []),
      ];
      return (
        <Kept
          onBack={onBack}
          isEmpty={chords === 0}
          action={`Keep ${song.name}`}
          onKeep={() => void keepSong(preview)}
        >
          <h3 className="text-xl font-semibold">{song.name}</h3>
          <p className="text-lg">{facts.join(", ")}</p>
          {grips > 0 && <AgainstTenon song={song} />}
          <ReadLines lines={preview.lines} chart={song.chart} />
          <NotUnderstood preview={preview} />
        </Kept>
      );
    }
    case "tunings": {
      const fresh = preview.tunings.filter(
        ({ midi, name }) =>
          !ownTunings.some((own) => own.name === name && samePitches(own.midi, midi)),
      );
      const known = preview.tunings.length - fresh.length;
      return (
        <Kept
          onBack={onBack}
          isEmpty={fresh.length === 0}
          action={`Keep ${count(fresh.length, "tuning")}`}
          onKeep={() => void keepTunings(fresh)}
        >
          {known > 0 && <p>{`${count(known, "tuning")} you have already.`}</p>}
          <ul className="max-h-72 space-y-1 overflow-auto text-lg" aria-label="Tunings">
            {fresh.map(({ name, midi }, index) => (
              <li key={index}>
                <NoteText>{name}</NoteText>
                <span className="text-muted">{`, ${midi.length} strings`}</span>
              </li>
            ))}
          </ul>
          <NotUnderstood preview={preview} />
        </Kept>
      );
    }
    case "guitar": {
      const { guitar } = preview;
      const keep = async () => {
        const id = newId();
        onClose();
        const undo = () => void change({ act: "delete", kind: "guitar", id });
        const made = await change(
          { act: "add", kind: "guitar", id, value: guitar },
          { text: `${guitar.name} is among your guitars.`, undo },
        );
        if (made) router.push("/rig");
      };
      return (
        <Kept
          onBack={onBack}
          isEmpty={false}
          action={`Keep ${guitar.name}`}
          onKeep={() => void keep()}
        >
          <p className="text-lg">
            {`${guitar.name}: ${guitar.usualMidi.length} strings, ${guitar.frets} frets, scale ${Math.round(guitar.scaleMm)} mm`}
          </p>
        </Kept>
      );
    }
    case "comparison": {
      const { name, comparison } = preview;
      const keep = async () => {
        const id = newId();
        onClose();
        const undo = () => void change({ act: "delete", kind: "comparison", id });
        const made = await change(
          { act: "add", kind: "comparison", id, value: { name, comparison: onOwn(comparison) } },
          { text: `${name} is saved.`, undo },
        );
        if (made) router.push("/compare");
      };
      return (
        <Kept onBack={onBack} isEmpty={false} action={`Keep ${name}`} onKeep={() => void keep()}>
          <p className="text-lg">{`${name}: a comparison of ${comparison.columns.length} tunings`}</p>
        </Kept>
      );
    }
  }
}

interface KeptProps {
  readonly action: string;
  readonly isEmpty: boolean;
  readonly onKeep: () => void;
  readonly onBack: () => void;
  readonly children: ReactNode;
}

function Kept({ action, isEmpty, onKeep, onBack, children }: KeptProps) {
  return (
    <div className="space-y-3">
      {children}
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          autoFocus
          className="button button-primary"
          disabled={isEmpty}
          onClick={onKeep}
        >
          {action}
        </button>
        <button type="button" className="button" onClick={onBack}>
          Another file
        </button>
      </div>
    </div>
  );
}

function count(number: number, what: string): string {
  return `${number} ${what}${number === 1 ? "" : "s"}`;
}
