"use client";

import Link from "next/link";
import { usePathname } from "next/navigation";

interface RoomTabsProps {
  readonly label: string;
  readonly tabs: readonly { readonly path: string; readonly name: string }[];
}

/** The parts of a room, each under an address of its own. */
export function RoomTabs({ label, tabs }: RoomTabsProps) {
  const path = usePathname();
  return (
    <nav aria-label={label} className="mb-4 flex flex-wrap gap-1">
      {tabs.map(({ path: target, name }) => (
        <Link
          key={target}
          href={target}
          aria-current={path === target ? "page" : undefined}
          className={`flex min-h-11 items-center rounded-lg px-2 text-lg sm:px-4 ${path === target ? "bg-inverse font-semibold text-on-inverse" : "text-muted hover:text-ink"}`}
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
