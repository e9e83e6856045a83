import type { NextConfig } from "next";

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // Types are checked by `./brontle test`, for the tests and commands too.
  typescript: { ignoreBuildErrors: true },
  turbopack: { root: import.meta.dirname },
  /** Addresses of before sessions were called so everywhere; 308 keeps the method and the body. */
  redirects: async () => [
    { source: "/api/runs", destination: "/api/sessions/now", permanent: true },
    { source: "/api/runs/:id/swap", destination: "/api/sessions/:id/substitute", permanent: true },
    { source: "/api/runs/:path*", destination: "/api/sessions/:path*", permanent: true },
  ],
  serverExternalPackages: [
    "pg",
    "nodemailer",
    "rate-limiter-flexible",
    "piscina",
    "pino",
    "rotating-file-stream",
    "pdfkit",
    "@napi-rs/canvas",
  ],
};

export default config;
