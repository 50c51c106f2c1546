import { type Metadata } from "next";
import { PlayerScreen } from "@/ui/screens/PlayerScreen";

export const metadata: Metadata = { title: "You" };

export default function PlayerPage() {
  return <PlayerScreen />;
}
