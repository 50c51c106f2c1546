/** What tells sections apart: the name, with a number from the second of that name on. */
export function sectionKeys({
  sections,
}: {
  readonly sections: readonly { readonly name: string }[];
}): readonly string[] {
  const seen = new Map<string, number>();
  return sections.map(({ name }) => {
    const count = (seen.get(name) ?? 0) + 1;
    seen.set(name, count);
    return count === 1 ? name : `${name} #${count}`;
  });
}
