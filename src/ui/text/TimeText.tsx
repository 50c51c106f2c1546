/** A moment as the player's clock shows it: "26 Nov 2026, 15:42". */
export function TimeText({ iso }: { readonly iso: string }) {
  const moment = new Date(iso).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" });
  // Where Tenon runs and where it is seen is one machine, but its browser may keep another time.
  return (
    <time dateTime={iso} suppressHydrationWarning>
      {moment}
    </time>
  );
}
