"use client";

import Link from "next/link";
import { usePathname } from "next/navigation";
import { RIG } from "./room";

/** The parts of the rig. */
export function RigTabs() {
  const path = usePathname();
  return (
    <nav aria-label="Rig" className="mb-4 flex flex-wrap gap-1">
      {RIG.tabs.map(({ path: target, name }) => (
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
