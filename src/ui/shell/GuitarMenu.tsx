import { memo } from "react";
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from "@headlessui/react";
import { ChevronDown } from "lucide-react";
import { type Guitar } from "@/server/types";

interface GuitarMenuProps {
  readonly guitars: readonly Guitar[];
  readonly guitar: Guitar;
  readonly onChoose: (guitar: Guitar) => void;
}

/** Which guitar is in the player's hands. */
export const GuitarMenu = memo(function GuitarMenu(props: GuitarMenuProps) {
  const { guitars, guitar, onChoose } = props;
  return (
    <Listbox value={guitar} by="id" onChange={onChoose}>
      <ListboxButton className="button px-3" aria-label={`Guitar: ${guitar.name}. Change`}>
        <span className="font-semibold">{guitar.name}</span>
        <span className="figures hidden text-muted lg:inline">{measures(guitar)}</span>
        <ChevronDown size={18} aria-hidden="true" />
      </ListboxButton>
      <ListboxOptions
        anchor={{ to: "bottom end", gap: 4 }}
        className="panel z-20 min-w-72 p-1 shadow-lg"
      >
        {guitars.map((option) => (
          <ListboxOption
            key={option.id}
            value={option}
            className="flex min-h-11 items-center justify-between gap-6 rounded-md px-3 data-focus:bg-picked data-selected:font-semibold"
          >
            <span>{option.name}</span>
            <span className="figures text-muted">
              {option.usualMidi.length} strings, {measures(option)}
            </span>
          </ListboxOption>
        ))}
      </ListboxOptions>
    </Listbox>
  );
});

function measures({ scaleMm, trebleScaleMm, frets }: Guitar): string {
  const scale = scaleMm === trebleScaleMm ? `${scaleMm}` : `${scaleMm} to ${trebleScaleMm}`;
  return `${scale} mm, ${frets} frets`;
}
