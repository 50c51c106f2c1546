/** CSS position of a share of a bar; leaves room for a whole sign at both ends. */
export function leftAt(share: number): string {
  return `calc(1.4rem + (100% - 1.6rem) * ${share.toFixed(4)})`;
}

export function widthOf(share: number): string {
  return `calc((100% - 1.6rem) * ${share.toFixed(4)} - 0.5rem)`;
}
