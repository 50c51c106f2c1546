"use client";

import dynamic from "next/dynamic";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { useState } from "react";
import { Keyboard } from "lucide-react";
import { NoteText } from "@/ui/text";
import { useWorkspace } from "@/ui/workspace";
import { GuitarMenu } from "./GuitarMenu";
import { Logo } from "./Logo";
import { ThemeSwitch } from "./ThemeSwitch";
import { useShortcuts } from "@/ui/controls";

const TuningDialog = dynamic(() =>
  import("@/ui/tunings/TuningDialog").then((part) => part.TuningDialog),
);
const ShortcutsDialog = dynamic(() =>
  import("./ShortcutsDialog").then((part) => part.ShortcutsDialog),
);

const SCREENS = [
  { path: "/", name: "Neck" },
  { path: "/compare", name: "Compare" },
];

type OpenDialog = "tuning" | "shortcuts" | null;

export function Header() {
  const path = usePathname();
  const { guitars, guitar, tuning, chooseGuitar, chooseTuning } = useWorkspace();
  const [dialog, setDialog] = useState<OpenDialog>(null);
  const close = () => setDialog(null);
  useShortcuts({ "?": () => setDialog("shortcuts"), t: () => setDialog("tuning") });

  return (
    <header className="border-b border-line bg-surface">
      <div className="mx-auto flex max-w-[1680px] flex-wrap items-center gap-x-4 px-4 sm:px-6">
        <Link href="/" className="flex min-h-13 items-center gap-2.5 text-2xl font-bold">
          <Logo />
          Tenon
        </Link>
        <nav aria-label="Screens" className="flex self-stretch sm:ml-4">
          {SCREENS.map(({ path: target, name }) => (
            <Link
              key={target}
              href={target}
              aria-current={path === target ? "page" : undefined}
              className={`flex min-h-13 items-center border-b-4 px-4 text-lg ${path === target ? "border-root font-semibold" : "border-transparent text-muted hover:text-ink"}`}
            >
              {name}
            </Link>
          ))}
        </nav>
        <div className="ml-auto flex flex-wrap items-center gap-2 py-1">
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
          <ThemeSwitch />
          <button
            type="button"
            className="button px-3"
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
          onChoose={(midi) => {
            chooseTuning(midi);
            close();
          }}
          onClose={close}
        />
      )}
      {dialog === "shortcuts" && <ShortcutsDialog onClose={close} />}
    </header>
  );
}
