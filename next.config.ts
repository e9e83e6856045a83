import type { NextConfig } from "next";

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // Types are checked by `./brontle test`, for the tests and commands too.
  typescript: { ignoreBuildErrors: true },
  turbopack: { root: import.meta.dirname },
  serverExternalPackages: [
    "pg",
    "nodemailer",
    "rate-limiter-flexible",
    "piscina",
    "pino",
    "rotating-file-stream",
  ],
};

export default config;
