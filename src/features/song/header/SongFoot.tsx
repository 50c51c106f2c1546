import { ActionMenu, ChoiceButton, type Action } from "@/ui/controls";
import { type SongPart, type SongViewState } from "@/features/song/state";

interface SongFootProps {
  readonly view: SongViewState;
  readonly shape: readonly Action[];
  readonly share: readonly Action[];
}

/** The row at the bottom of narrow screens: chart, route and menus. */
export function SongFoot({ view, shape, share }: SongFootProps) {
  const more: readonly Action[] = [
    { name: "How it plays", onDo: () => view.show({ panel: "play" }) },
    { name: "Stage", onDo: () => view.show({ isStage: true }) },
    ...shape,
  ];
  const partButton = (part: SongPart, name: string, className: string) => (
    <ChoiceButton
      pressed={view.part === part}
      onPress={() => view.show({ part: view.part === part ? "play" : part })}
      className={`min-h-12 px-3 ${className}`}
    >
      {name}
    </ChoiceButton>
  );
  return (
    <div
      role="group"
      aria-label="More of the song"
      className="fixed inset-x-0 bottom-0 z-10 flex justify-around gap-1 border-t border-line bg-surface px-2 py-1.5 lg:hidden"
    >
      {partButton("chart", "Chart", "")}
      {partButton("route", "Route", "md:hidden")}
      <ActionMenu name="Shape it" actions={more} className="min-h-12 px-3" opensUp />
      <ActionMenu name="Share" actions={share} className="min-h-12 px-3" opensUp />
    </div>
  );
}
