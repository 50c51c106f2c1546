import { useRouter } from "next/navigation";
import { useComparisonDocument, useTell } from "@/session";
import { type Action } from "@/ui/controls";
import { type PanelName, type SongRoom } from "@/features/song/state";

/** The entries of the menus "Shape it" and "Share". */
export function useSongActions(
  { document, view, plan }: SongRoom,
  onDialog: (dialog: "tuning" | "sheet" | "save") => void,
): { readonly shape: readonly Action[]; readonly share: readonly Action[] } {
  const { setComparison } = useComparisonDocument();
  const router = useRouter();
  const tell = useTell();
  const isOff = plan.route === null;
  const compare = async () => {
    try {
      const { comparisonOf } = await import("@/features/song/state");
      setComparison(comparisonOf(document.song, plan.arrangement, plan.guitar));
      router.push("/compare");
    } catch (error) {
      console.warn(error);
      tell({ text: "Compare could not be fetched. Is Tenon still running?" });
    }
  };
  const panel = (name: string, opened: PanelName): Action => ({
    name,
    onDo: () => view.show({ panel: opened }),
  });
  return {
    shape: [
      panel("Limits", "limits"),
      panel("Texture", "texture"),
      panel("Key and forms", "move"),
      { name: "Tempo and tuning", onDo: () => view.show({ panel: "edit" }) },
      { name: "Compare tunings", onDo: () => void compare(), isOff },
    ],
    share: [
      { name: "Sheet", onDo: () => onDialog("sheet"), isOff },
      { name: "Save as a file", onDo: () => onDialog("save"), isOff },
    ],
  };
}
