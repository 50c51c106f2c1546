import { memo } from "react";
import { type Guitar } from "@/state";

interface GuitarMenuProps {
  readonly guitars: readonly Guitar[];
  readonly guitar: Guitar;
  readonly onChoose: (guitar: Guitar) => void;
}

/** Which guitar is in the player's hands. */
export const GuitarMenu = memo(function GuitarMenu(props: GuitarMenuProps) {
  const { guitars, guitar, onChoose } = props;
  return (
    <select
      aria-label="Guitar"
      className="field max-w-28 border-line bg-surface px-2 font-semibold max-sm:min-h-12 sm:max-w-44"
      value={guitar.id}
      onChange={({ target }) => {
        const chosen = guitars.find(({ id }) => id === Number(target.value));
        if (chosen) onChoose(chosen);
      }}
    >
      {guitars.map((option) => (
        <option key={option.id} value={option.id}>
          {option.name}
        </option>
      ))}
    </select>
  );
});
