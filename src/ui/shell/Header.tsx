"use client";

import dynamic from "next/dynamic";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { useState } from "react";
import { Keyboard, Redo2, Undo2, Wrench } from "lucide-react";
import { samePitches } from "@/core/tuning";
import { type Midi } from "@/core/pitch";
import { NoteText } from "@/ui/text";
import { guitarFor, useWorkspace } from "@/ui/workspace";
import { GuitarMenu } from "./GuitarMenu";
import { Logo } from "./Logo";
import { ThemeSwitch } from "./ThemeSwitch";
import { useShortcuts } from "@/ui/controls";

const TuningDialog = dynamic(() =>
  import("@/ui/tunings/TuningDialog").then((part) => part.TuningDialog),
);
const RetuneDialog = dynamic(() =>
  import("@/ui/retune/RetuneDialog").then((part) => part.RetuneDialog),
);
const ShortcutsDialog = dynamic(() =>
  import("./ShortcutsDialog").then((part) => part.ShortcutsDialog),
);

const SCREENS = [
  { path: "/", name: "Neck" },
  { path: "/name", name: "Name" },
  { path: "/compare", name: "Compare" },
  { path: "/rig", name: "Rig" },
];

type OpenDialog = "tuning" | "retune" | "shortcuts" | null;

export function Header() {
  const path = usePathname();
  const { guitars, guitar, tuning, chooseGuitar, chooseTuning } = useWorkspace();
  const { canUndo, canRedo, undo, redo } = useWorkspace();
  const [dialog, setDialog] = useState<OpenDialog>(null);
  const close = () => setDialog(null);
  const isTuned = samePitches(guitar.tunedMidi, tuning.midi);
  /** Shows the tuning, and how to get there from what that guitar hangs in now. */
  const takeTuning = (midi: readonly Midi[]) => {
    chooseTuning(midi);
    const hangsIn = guitarFor(guitars, guitar, midi.length)?.tunedMidi ?? midi;
    setDialog(samePitches(hangsIn, midi) ? null : "retune");
  };
  useShortcuts({
    "?": () => setDialog("shortcuts"),
    t: () => setDialog("tuning"),
    z: undo,
    "Ctrl+z": undo,
    "Ctrl+Shift+z": redo,
    "Ctrl+y": redo,
  });

  return (
    <header className="border-b border-line bg-surface">
      <div className="mx-auto flex max-w-[1680px] flex-wrap items-center gap-x-4 px-4 sm:px-6">
        <Link href="/" className="flex min-h-13 items-center gap-2.5 text-2xl font-bold">
          <Logo />
          <span className="sr-only min-[440px]:not-sr-only">Tenon</span>
        </Link>
        <nav aria-label="Screens" className="flex self-stretch sm:ml-4">
          {SCREENS.map(({ path: target, name }) => (
            <Link
              key={target}
              href={target}
              aria-current={isWithin(path, target) ? "page" : undefined}
              className={`flex min-h-13 items-center border-b-4 px-2.5 text-lg sm:px-4 ${isWithin(path, target) ? "border-root font-semibold" : "border-transparent text-muted hover:text-ink"}`}
            >
              {name}
            </Link>
          ))}
        </nav>
        <div className="ml-auto flex flex-wrap items-center gap-1 py-1 sm:gap-2">
          <button
            type="button"
            className="button px-2 sm:px-2.5"
            aria-label="Take back the last choice"
            disabled={!canUndo}
            onClick={undo}
          >
            <Undo2 size={20} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="button px-2 sm:px-2.5"
            aria-label="Bring it again"
            disabled={!canRedo}
            onClick={redo}
          >
            <Redo2 size={20} aria-hidden="true" />
          </button>
          <GuitarMenu guitars={guitars} guitar={guitar} onChoose={chooseGuitar} />
          <button
            type="button"
            className="button text-lg"
            aria-haspopup="dialog"
            aria-label={`Tuning: ${tuning.name}. Change`}
            onClick={() => setDialog("tuning")}
          >
            <span>
              <NoteText>{tuning.name}</NoteText>
            </span>
          </button>
          {!isTuned && (
            <button
              type="button"
              className="button border-root px-3"
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
            onClick={() => setDialog("shortcuts")}
          >
            <Keyboard size={20} aria-hidden="true" />
          </button>
        </div>
      </div>
      {dialog === "tuning" && (
        <TuningDialog
          title={`Tune ${guitar.name}`}
          current={tuning.midi}
          onChoose={takeTuning}
          onClose={close}
        />
      )}
      {dialog === "retune" && <RetuneDialog onClose={close} />}
      {dialog === "shortcuts" && <ShortcutsDialog onClose={close} />}
    </header>
  );
}

/** Whether a page is a screen or lies below it. */
function isWithin(path: string, screen: string): boolean {
  return path === screen || (screen !== "/" && path.startsWith(`${screen}/`));
}
