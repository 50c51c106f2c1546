import "@fontsource/barlow/400.css";
import "@fontsource/barlow/500.css";
import "@fontsource/barlow/600.css";
import "@fontsource/barlow/700.css";
import "@fontsource/barlow-semi-condensed/400.css";
import "@fontsource/barlow-semi-condensed/600.css";
import "@fontsource/barlow-semi-condensed/700.css";
import "@fontsource/noto-music/music-400.css";
import "./globals.css";
import { type Metadata, type Viewport } from "next";
import { headers } from "next/headers";
import { connection } from "next/server";
import { type ReactNode } from "react";
import { readPage } from "@/server/page";
import { Alive, BringIn, Header, NoticeBar, TroublePage } from "@/shell";
import { Session } from "@/session";
import { PATH_HEADER, SEARCH_HEADER } from "@/proxy";

export const metadata: Metadata = {
  title: { default: "Tenon", template: "%s - Tenon" },
  description: "Power chords over any neck: mapped, ranked and compared.",
};

export const viewport: Viewport = { width: "device-width", initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  // Every page is made per request: a prepared page would carry no nonce and never come alive.
  await connection();
  const asked = await headers();
  const [search = "", path = ""] = [SEARCH_HEADER, PATH_HEADER].map(
    (name) => asked.get(name) ?? "",
  );
  const { start, trouble } = readPage(search, path);
  return (
    <html lang="en" data-theme={start?.choice.theme ?? "system"}>
      <body className="pb-16">
        {trouble ? (
          <TroublePage trouble={trouble} />
        ) : (
          <Session start={start}>
            <Header />
            <main className="mx-auto max-w-[1680px] px-4 py-2 sm:px-6 sm:py-4">{children}</main>
            <BringIn />
            <NoticeBar />
          </Session>
        )}
        <Alive />
      </body>
    </html>
  );
}
