import { type Metadata } from "next";
import { GuitarsScreen } from "@/features/rig/guitars";

export const metadata: Metadata = { title: "Guitars" };

export default function GuitarsPage() {
  return <GuitarsScreen />;
}
