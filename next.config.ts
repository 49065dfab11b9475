import type { NextConfig } from "next";

const config: NextConfig = {
  serverExternalPackages: ["@electric-sql/pglite"],
  poweredByHeader: false,
  devIndicators: false,
  // npm run types looks at all of it, once; who only starts the program need not wait for that.
  typescript: { ignoreBuildErrors: true },
};

export default config;
