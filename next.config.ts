import type { NextConfig } from "next";

const HEADERS = [
  { key: "X-Content-Type-Options", value: "nosniff" },
  { key: "X-Frame-Options", value: "DENY" },
  { key: "Referrer-Policy", value: "same-origin" },
  { key: "Permissions-Policy", value: "camera=(), microphone=(), geolocation=()" },
  {
    // Inline scripts are how the framework hands over its data; nothing may come from elsewhere.
    key: "Content-Security-Policy",
    value:
      "default-src 'self'; script-src 'self' 'unsafe-inline'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; " +
      "font-src 'self'; connect-src 'self'; worker-src 'self' blob:; frame-ancestors 'none'; base-uri 'self'; form-action 'self'",
  },
];

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
  headers: async () => [{ source: "/:path*", headers: HEADERS }],
};

export default config;
