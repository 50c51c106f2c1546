/** Tenon's mark: a tongue of one piece seated in the slot of another. */
export function Logo() {
  return (
    <svg width="30" height="26" viewBox="0 0 30 26" aria-hidden="true">
      <path d="M1 1 H12 V9 H20 V17 H12 V25 H1 Z" fill="var(--ink)" />
      <path d="M15 1 H29 V25 H15 V20 H23 V6 H15 Z" fill="var(--root)" />
    </svg>
  );
}
