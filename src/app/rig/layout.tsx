import { type ReactNode } from "react";
import { RigTabs } from "@/features/rig";

export default function RigLayout({ children }: { readonly children: ReactNode }) {
  return (
    <>
      <h1 className="sr-only">Rig</h1>
      <RigTabs />
      {children}
    </>
  );
}
