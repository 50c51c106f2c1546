"use client";

import { useEffect, useState } from "react";
import { Keyboard, Redo2, Undo2, Wrench } from "lucide-react";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { type Midi } from "@/core/pitch";
import { samePitches } from "@/core/tuning";
import { ROOMS } from "@/features";
import {
  useInstrument,
  useOtherDataNotice,
  useRig,
  useTell,
  useTuningShelf,
  useUndo,
} from "@/session";
import { guitarFor } from "@/state";
import { fetchWhileIdle, onDemand, useKeys } from "@/ui/controls";
import { NoteText } from "@/ui/text";
import { GuitarMenu } from "./GuitarMenu";
import { Logo } from "./Logo";
import { SavingBadge } from "./SavingBadge";
import { SHELL_KEYS } from "./shellKeys";
import { ThemeSwitch } from "./ThemeSwitch";

const TuningDialog = onDemand("The list of tunings", () =>
  import("@/ui/tuning").then((part) => part.TuningDialog),
);
const RetuneDialog = onDemand("The retune sheet", () =>
  import("@/features/rig/retune").then((part) => part.RetuneDialog),
);
const KeysDialog = onDemand("The list of keys", async () => {
  const [part, ...sections] = await Promise.all([
    import("./KeysDialog"),
    ...ROOMS.map(({ keys }) => keys()),
  ]);
  return part.keysDialogOf(sections.flat());
});

/** Idle time begins once a screen has been up for so long. */
const SETTLED_MS = 3000;

type OpenDialog = "tuning" | "retune" | "keys" | null;

export function Header() {
  const path = usePathname();
  const { guitars } = useRig();
  const { guitar, tuning, chooseGuitar, chooseTuning } = useInstrument();
  const { canUndo, canRedo, undo, redo, isNeck, undoNeck } = useUndo();
  const tell = useTell();
  useOtherDataNotice();
  const shelf = useTuningShelf();
  const [dialog, setDialog] = useState<OpenDialog>(null);
  const close = () => setDialog(null);
  const isTuned = samePitches(guitar.tunedMidi, tuning.midi);
  /** Shows the tuning, and how to get there from what that guitar is tuned to now. */
  const takeTuning = (midi: readonly Midi[]) => {
    chooseTuning(midi);
    // On a screen with a document of its own, undo walks through that.
    if (!isNeck) tell({ text: "The neck shows another tuning.", undo: undoNeck });
    const tunedTo = guitarFor(guitars, guitar, midi.length)?.tunedMidi ?? midi;
    setDialog(samePitches(tunedTo, midi) ? null : "retune");
  };
  useKeys(SHELL_KEYS, {
    tuning: () => setDialog("tuning"),
    undo,
    redo,
    help: () => setDialog("keys"),
  });
  // Each screen brings parts of its own.
  useEffect(() => fetchWhileIdle(SETTLED_MS), [path]);

  return (
    <header className="border-b border-line bg-surface">
      <div className="mx-auto flex max-w-[1680px] flex-wrap items-center gap-x-4 px-2 sm:px-6">
        <Link
          href="/"
          className="flex min-h-13 items-center gap-2.5 text-2xl font-bold max-sm:hidden"
        >
          <Logo />
          <span>Tenon</span>
        </Link>
        <nav
          aria-label="Screens"
          className="flex self-stretch max-sm:w-full max-sm:justify-between sm:ml-2"
        >
          {ROOMS.map(({ path: target, name }) => (
            <Link
              key={target}
              href={target}
              aria-current={isWithin(path, target) ? "page" : undefined}
              className={`flex min-h-12 items-center justify-center border-b-4 px-1 max-sm:min-w-12 sm:min-h-13 sm:px-3 sm:text-lg 2xl:px-4 ${isWithin(path, target) ? "border-root font-semibold" : "border-transparent text-muted hover:text-ink"}`}
            >
              {name}
            </Link>
          ))}
        </nav>
        <div className="ml-auto flex items-center gap-0.5 py-0.5 max-sm:w-full max-sm:justify-between sm:gap-2">
          <SavingBadge />
          <button
            type="button"
            className="button px-2 max-sm:min-h-12 max-sm:min-w-12 sm:px-2.5"
            aria-label="Undo the last change"
            disabled={!canUndo}
            onClick={undo}
          >
            <Undo2 size={20} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="button px-2 max-sm:min-h-12 max-sm:min-w-12 sm:px-2.5"
            aria-label="Redo it"
            disabled={!canRedo}
            onClick={redo}
          >
            <Redo2 size={20} aria-hidden="true" />
          </button>
          <GuitarMenu guitars={guitars} guitar={guitar} onChoose={chooseGuitar} />
          <button
            type="button"
            className="button max-sm:min-h-12 max-sm:max-w-30 max-sm:px-2 sm:text-lg"
            aria-haspopup="dialog"
            aria-label={`Tuning: ${tuning.name}. Change`}
            onClick={() => setDialog("tuning")}
          >
            <span className="truncate">
              <NoteText>{tuning.name}</NoteText>
            </span>
          </button>
          {!isTuned && (
            <button
              type="button"
              className="button border-root px-3 max-sm:min-h-12 max-sm:min-w-12"
              aria-haspopup="dialog"
              aria-label="Retune"
              onClick={() => setDialog("retune")}
            >
              <Wrench size={20} aria-hidden="true" />
              <span className="hidden sm:inline">Retune</span>
            </button>
          )}
          <ThemeSwitch />
          <button
            type="button"
            className="button hidden px-3 sm:inline-flex"
            aria-haspopup="dialog"
            aria-label="Keyboard shortcuts"
            onClick={() => setDialog("keys")}
          >
            <Keyboard size={20} aria-hidden="true" />
          </button>
        </div>
      </div>
      {dialog === "tuning" && (
        <TuningDialog
          title={`Tune ${guitar.name}`}
          shelf={shelf}
          current={tuning.midi}
          onChoose={takeTuning}
          onClose={close}
        />
      )}
      {dialog === "retune" && <RetuneDialog onClose={close} />}
      {dialog === "keys" && <KeysDialog onClose={close} />}
    </header>
  );
}

/** Whether a page is a screen or lies below it. */
function isWithin(path: string, screen: string): boolean {
  return path === screen || (screen !== "/" && path.startsWith(`${screen}/`));
}
