import { type Metadata } from "next";
import { PlayerScreen } from "@/features/rig/player";

export const metadata: Metadata = { title: "You" };

export default function PlayerPage() {
  return <PlayerScreen />;
}
