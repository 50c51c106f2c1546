import { type ReactNode } from "react";
import { PracticeTabs } from "@/features/practice";

export default function PracticeLayout({ children }: { readonly children: ReactNode }) {
  return (
    <>
      <PracticeTabs />
      {children}
    </>
  );
}
