import { type NextConfig } from "next";

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  serverExternalPackages: ["better-sqlite3", "pdfkit"],
  // These come as ES modules only, which Jest must translate.
  transpilePackages: ["ohash", "pitchy", "fft.js", "tone", "standardized-audio-context"],
  turbopack: {
    // The data folder is only known at run time. Nothing is traced: Tenon runs from its own folder.
    ignoreIssue: [{ path: "**/src/**", title: /^Dynamic filesystem access/ }],
  },
  env: { TENON_BUILD: process.env.TENON_BUILD ?? "development" },
};

export default config;
