import { type FilePreview } from "@/wire";

/** What of a file was not understood, with its place. */
export function NotUnderstood({ preview }: { readonly preview: FilePreview }) {
  const { problems, furtherProblems } = preview;
  if (problems.length === 0) return <p className="text-muted">All of it was understood.</p>;
  return (
    <section>
      <h3 className="text-lg font-semibold">Not understood</h3>
      <ul
        className="max-h-40 list-inside list-disc overflow-auto"
        tabIndex={0}
        aria-label="What was not understood"
      >
        {problems.map(({ line, message }, index) => (
          <li key={index}>{line === null ? message : `Line ${line}: ${message}`}</li>
        ))}
        {furtherProblems > 0 && <li>{`and ${furtherProblems} more`}</li>}
      </ul>
    </section>
  );
}
