import { type NextConfig } from "next";

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  serverExternalPackages: ["better-sqlite3"],
  // These come as ES modules only, which Jest must translate.
  transpilePackages: ["pitchy", "fft.js", "tone", "standardized-audio-context"],
  experimental: { serverActions: { bodySizeLimit: "64kb" } },
};

export default config;
