import { type Metadata } from "next";
import { GuitarsScreen } from "@/ui/screens/GuitarsScreen";

export const metadata: Metadata = { title: "Guitars" };

export default function GuitarsPage() {
  return <GuitarsScreen />;
}
