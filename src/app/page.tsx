import { type Metadata } from "next";
import { NeckScreen } from "@/ui/screens/NeckScreen";

export const metadata: Metadata = { title: "Neck" };

export default function NeckPage() {
  return <NeckScreen />;
}
