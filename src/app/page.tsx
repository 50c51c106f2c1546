import { type Metadata } from "next";
import { NeckScreen } from "@/features/neck";

export const metadata: Metadata = { title: "Neck" };

export default function NeckPage() {
  return <NeckScreen />;
}
