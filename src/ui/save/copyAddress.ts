/** Copies the address of what the page shows; answers what to tell the player. */
export async function copyAddress(query: string, what: string): Promise<string> {
  try {
    await navigator.clipboard.writeText(location.origin + location.pathname + query);
    return `Copied the address of this ${what}.`;
  } catch {
    return `Copy it from the address bar: the address always shows this ${what}.`;
  }
}
