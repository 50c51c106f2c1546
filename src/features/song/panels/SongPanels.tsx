import { onDemand } from "@/ui/controls";
import { firstTexture, scopesOf, stepsOf, withTexture } from "@/features/song/state";
import { type SongRoom } from "@/features/song/state";

const PlayBar = onDemand("Playing along", () => import("./PlayBar").then((part) => part.PlayBar));
const LimitsPanel = onDemand("The limits", () =>
  import("./LimitsPanel").then((part) => part.LimitsPanel),
);
const TexturePanel = onDemand("Textures", () =>
  import("./TexturePanel").then((part) => part.TexturePanel),
);
const MovePanel = onDemand("Keys and forms", () =>
  import("./MovePanel").then((part) => part.MovePanel),
);
const SongsPanel = onDemand("Your songs", () =>
  import("./SongsPanel").then((part) => part.SongsPanel),
);

interface SongPanelsProps {
  readonly room: SongRoom;
  readonly onOpen: (id: number) => void;
  readonly onNew: () => void;
}

/** The panel that is open, and how the song plays while it does. */
export function SongPanels({ room, onOpen, onNew }: SongPanelsProps) {
  const { document, view, chart, plan, chosen, play, playhead } = room;
  const { id, song, set, setSettings } = document;
  const { arrangement, neck, guitar } = plan;
  const { chord, section } = chosen;
  const scopes = scopesOf(chord, arrangement.sectionKeys[section] ?? "");
  const scope = Math.min(view.scope, scopes.length - 1);
  return (
    <>
      {view.panel === "songs" && <SongsPanel currentId={id} onOpen={onOpen} onNew={onNew} />}
      {view.panel === "limits" && (
        <LimitsPanel
          settings={song.settings}
          neck={neck}
          sections={arrangement.sectionKeys}
          section={view.limitsOf}
          onSection={(limitsOf) => view.show({ limitsOf })}
          onChange={setSettings}
        />
      )}
      {view.panel === "texture" && (
        <TexturePanel
          key={scope}
          texture={scope === 0 ? firstTexture(arrangement, section) : (chord?.texture ?? null)}
          scopes={scopes}
          scope={scopes[scope] ?? ""}
          onScope={(name) => view.show({ scope: scopes.indexOf(name) })}
          steps={stepsOf(arrangement, chord?.playedBar ?? 0)}
          onChange={(said) =>
            set({ chart: withTexture(song.chart, chart, section, chord, scope, said) })
          }
        />
      )}
      {view.panel === "move" && (
        <MovePanel
          text={song.chart}
          chart={chart}
          request={plan.request}
          guitar={guitar}
          onText={(text) => set({ chart: text })}
        />
      )}
      {view.panel === "play" && (
        <PlayBar play={play} playhead={playhead} view={view} arrangement={arrangement} />
      )}
    </>
  );
}
