import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { isUnchanged, type Outcome } from "@/wire";
import {
  makeDocumentSync,
  type DocumentChange,
  type DocumentSync,
  type Opened,
} from "./documentSync";
import { mergeFields } from "./mergeFields";

interface Doc {
  readonly name: string;
  readonly chart: string;
  readonly tempo: number;
}
const FIRST: Doc = { name: "Quarry", chart: "A5", tempo: 100 };

/** Documents as the server keeps them: the one that two pages have open, and what was kept beside it. */
class Shelf {
  private readonly docs: { content: Doc; revision: number }[] = [{ content: FIRST, revision: 1 }];
  private count = 1;

  opened(): Opened<Doc> {
    const [open] = this.docs;
    if (!open) throw new Error("the first is always there");
    return { ...open };
  }

  /** Every word that stands in any chart, and every name and tempo. */
  words(): ReadonlySet<string> {
    return new Set(
      this.docs.flatMap(({ content }) => [...content.chart.split(" "), String(content.tempo)]),
    );
  }

  make(change: DocumentChange<Doc>, followed: number | null): Outcome {
    if (change.act === "add") throw new Error("it is there already");
    const { fields, basedOn, was, key } = change;
    const revision = ++this.count;
    const open = this.docs[0] ?? { content: FIRST, revision: 1 };
    const made = { key, problem: null, revision };
    const beside = this.docs.findIndex((doc, at) => at > 0 && doc.revision === followed);
    if (beside > 0) {
      const content = { ...(this.docs[beside]?.content ?? FIRST), ...fields };
      this.docs[beside] = { content, revision };
      return made;
    }
    const isNewest = basedOn >= open.revision;
    if (!isNewest && !isUnchanged(open.content, was)) {
      this.docs.push({ content: { ...open.content, ...fields }, revision });
      return { ...made, notice: "kept beside" };
    }
    this.docs[0] = { content: { ...open.content, ...fields }, revision };
    return isNewest || followed === open.revision ? made : { ...made, isMerged: true };
  }
}

/** A page with its messages to the server and back, each delivered in order when the test says so. */
class Page {
  readonly sync: DocumentSync<Doc>;
  private readonly toServer: (() => void)[] = [];
  private readonly toPage: (() => void)[] = [];
  private readonly revisions = new Map<string, number>();

  constructor(private readonly shelf: Shelf) {
    this.sync = makeDocumentSync(
      { ...shelf.opened(), isNew: false },
      {
        send: (change) =>
          new Promise((resolve) => {
            this.toServer.push(() => {
              const after = change.act === "set" ? change.after : undefined;
              const followed = after === undefined ? null : (this.revisions.get(after) ?? null);
              const outcome = shelf.make(change, followed);
              this.revisions.set(change.key, outcome.revision ?? 0);
              this.toPage.push(() => resolve(outcome));
            });
          }),
        fetch: () =>
          new Promise((resolve) => {
            this.toServer.push(() => {
              const opened = shelf.opened();
              this.toPage.push(() => resolve(opened));
            });
          }),
      },
    );
  }

  change(part: (old: Doc) => Partial<Doc>): void {
    const old = this.sync.shown();
    this.sync.show({ ...old, ...part(old) });
  }

  hear(): void {
    const { revision } = this.shelf.opened();
    this.toPage.push(() => this.sync.hear(revision));
  }

  deliver(way: "server" | "page"): boolean {
    const next = (way === "server" ? this.toServer : this.toPage).shift();
    next?.();
    return next !== undefined;
  }
}

const ACTS = ["type", "tempo", "name", "save", "hear", "server", "page"] as const;
const anyStep = fc.tuple(fc.constantFrom(0, 1), fc.constantFrom(...ACTS));

/** Lets promises that were resolved be heard of. */
const settle = () => new Promise<void>((resolve) => setImmediate(resolve));

async function drain(pages: readonly Page[]): Promise<void> {
  for (let round = 0; round < 200; round++) {
    for (const page of pages) {
      page.sync.save();
      page.hear();
    }
    let moved = false;
    for (const page of pages) {
      while (page.deliver("server")) moved = true;
      while (page.deliver("page")) {
        moved = true;
        await settle();
      }
    }
    await settle();
    const [one, two] = pages.map(({ sync }) => JSON.stringify(sync.shown()));
    if (!moved || (one === two && round > 5)) return;
  }
}

describe("two pages with one document", () => {
  test("lose nothing that was typed, and show the same in the end", async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyStep, { maxLength: 60 }), async (steps) => {
        const shelf = new Shelf();
        const pages = [new Page(shelf), new Page(shelf)] as const;
        const typed: string[] = [];
        let count = 0;
        for (const [which, what] of steps) {
          const page = pages[which === 0 ? 0 : 1];
          count += 1;
          if (what === "type") {
            const word = `w${count}`;
            typed.push(word);
            page.change(({ chart }) => ({ chart: `${chart} ${word}` }));
          } else if (what === "tempo") page.change(() => ({ tempo: 200 + count }));
          else if (what === "name") page.change(() => ({ name: `name ${count}` }));
          else if (what === "save") page.sync.save();
          else if (what === "hear") page.hear();
          else {
            page.deliver(what);
            await settle();
          }
        }
        await drain(pages);
        const kept = shelf.words();
        expect(typed.filter((word) => !kept.has(word))).toEqual([]);
        const { content } = shelf.opened();
        expect(pages.map(({ sync }) => sync.shown())).toEqual([content, content]);
      }),
      { numRuns: 10_000 },
    );
  });

  test("a field that the other changed is taken, one that is typed here stays", async () => {
    const shelf = new Shelf();
    const [one, two] = [new Page(shelf), new Page(shelf)];
    two.change(() => ({ name: "Renamed" }));
    two.sync.save();
    two.deliver("server");
    one.change(({ chart }) => ({ chart: `${chart} D5 E5` }));
    one.hear();
    one.deliver("page");
    one.deliver("server");
    one.deliver("page");
    await settle();
    expect(one.sync.shown()).toEqual({ ...FIRST, name: "Renamed", chart: "A5 D5 E5" });
    await drain([one, two]);
    expect(shelf.opened().content).toEqual({ ...FIRST, name: "Renamed", chart: "A5 D5 E5" });
  });
});

test("a conflict whose change is refused is sent once, not for ever", async () => {
  let sent = 0;
  const sync = makeDocumentSync(
    { content: FIRST, revision: 1, isNew: false },
    {
      send: () => {
        sent += 1;
        return Promise.resolve(null);
      },
      fetch: () => Promise.resolve({ content: { ...FIRST, name: "Renamed" }, revision: 2 }),
    },
  );
  sync.show({ ...FIRST, name: "" });
  sync.hear(2);
  for (let turn = 0; turn < 20; turn++) await settle();
  expect(sent).toBe(1);
  expect(sync.shown().name).toBe("");
});

test("fields that only one changed are no conflict, nor those that both changed alike", () => {
  const mine = { ...FIRST, chart: "D5" };
  expect(mergeFields(FIRST, mine, { ...FIRST, tempo: 90 })).toEqual({
    theirs: { tempo: 90 },
    isConflict: false,
  });
  expect(mergeFields(FIRST, mine, mine)).toEqual({ theirs: {}, isConflict: false });
  expect(mergeFields(FIRST, mine, { ...FIRST, chart: "E5" }).isConflict).toBe(true);
});
