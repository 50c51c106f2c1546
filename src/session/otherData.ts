import { useEffect, useState } from "react";
import { useEvent } from "@/ui/controls";
import { type Change } from "@/wire";
import { useTell } from "./notices";
import { useRig } from "./rig";
import { actsBeside, browserStore } from "./saving";

/** What was done on data that are not these any more, and was never saved. */
export interface OtherData {
  readonly changes: readonly Change[];
  /** How many things can be added beside those that are here. */
  readonly addable: number;
  /** Adds them, and forgets what cannot be added. */
  readonly addBeside: () => void;
  readonly forget: () => void;
}

/** Changes that wait in this browser for other data, such as those before a backup was restored. */
export function useOtherData(): OtherData {
  const { identity, guitars, change } = useRig();
  const tell = useTell();
  const [store] = useState(browserStore);
  const [changes, setChanges] = useState<readonly Change[]>([]);
  useEffect(() => {
    let isHere = true;
    void store.loadOthers(identity).then((found) => {
      if (isHere) setChanges(found);
    });
    return () => {
      isHere = false;
    };
  }, [store, identity]);
  const [nowMs] = useState(() => Date.now());
  const acts = actsBeside(changes, guitars, nowMs);
  const drop = async () => {
    await store.remove(changes.map(({ key }) => key));
    setChanges([]);
  };
  const addBeside = useEvent(async () => {
    const made = await change(acts);
    // What was refused was said; the changes stay, to be saved as a file.
    if (!made) return;
    await drop();
    tell({
      text: acts.length === 1 ? "One thing was added." : `${acts.length} things were added.`,
    });
  });
  return { changes, addable: acts.length, addBeside, forget: useEvent(() => void drop()) };
}

/** The room that shows them. */
const SHOWN_AT = "/rig/data";
const TOLD = "tenon: told of other data";

/** Says once that such changes wait. */
export function useOtherDataNotice(): void {
  const { identity } = useRig();
  const tell = useTell();
  useEffect(() => {
    if (sessionStorage.getItem(TOLD) === identity || location.pathname === SHOWN_AT) return;
    void browserStore()
      .loadOthers(identity)
      .then(({ length }) => {
        if (length === 0) return;
        sessionStorage.setItem(TOLD, identity);
        const what = length === 1 ? "One change" : `${length} changes`;
        tell({ text: `${what} could not be saved before the data changed: see Rig, Data.` });
      });
  }, [identity, tell]);
}
