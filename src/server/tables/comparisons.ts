import { type Keeper } from "@/server/keeper";
import { COMPARISON_FORMAT, readSaved } from "@/state/saved";
import { savedComparisonSchema } from "@/state/schema";

/** Comparisons that the player saved: documents, of which lists show the name. */
export const comparisonKeeper: Keeper<"comparison"> = {
  kind: "comparison",
  called: "comparison",
  schema: savedComparisonSchema,
  select: "SELECT id, name, content, format, revision, deleted_at FROM comparison",
  insert: `INSERT INTO comparison (id, name, content, format, revision)
    VALUES (@id, @name, @content, @format, @revision)`,
  update: `UPDATE comparison SET name = @name, content = @content, format = @format,
    revision = @revision WHERE id = @id`,
  mark: "UPDATE comparison SET deleted_at = @deletedAt, revision = @revision WHERE id = @id",
  toRow: ({ name, comparison }) => ({
    name,
    content: JSON.stringify(comparison),
    format: COMPARISON_FORMAT.version,
  }),
  fromRow: ({ name, content, format }) => {
    const read = readSaved(COMPARISON_FORMAT, String(content), Number(format));
    return (
      read && { value: { name: String(name), comparison: read.value }, replaced: read.replaced }
    );
  },
  listed: ({ name }) => ({ name }),
};
