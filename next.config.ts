import { type NextConfig } from "next";

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  serverExternalPackages: ["better-sqlite3"],
  // These come as ES modules only, which Jest must translate.
  transpilePackages: ["ohash", "pitchy", "fft.js", "tone", "standardized-audio-context"],
  turbopack: {
    // The data folder is only known at run time. Nothing is traced: Tenon runs from its own folder.
    ignoreIssue: [{ path: "**/src/**", title: /^Dynamic filesystem access/ }],
  },
  // No image is changed on the server, so that no image library is loaded.
  images: { unoptimized: true },
  experimental: {
    // Beyond this the framework hands a route the beginning of a body and no word. Each route holds to a limit of its own;
    // larger files are sent in pieces (src/server/uploads).
    proxyClientMaxBodySize: "66mb",
  },
  env: { TENON_BUILD: process.env.TENON_BUILD ?? "development" },
};

export default config;
