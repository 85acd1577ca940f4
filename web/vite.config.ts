import { transformAsync } from "@babel/core";
import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";
import { VitePWA } from "vite-plugin-pwa";

/** React's compiler: components are remembered by what they are given, so that an edit draws only what it changes. */
const compiled = (): Plugin => ({
  name: "react-compiler",
  enforce: "pre",
  apply: "build",
  transform: {
    filter: { id: /\/src\/.*(\.tsx|\/use[A-Z]\w*\.ts)$/ },
    async handler(code, id) {
      const made = await transformAsync(code, {
        filename: id,
        plugins: ["babel-plugin-react-compiler"],
        parserOpts: { plugins: ["typescript", "jsx"] },
        configFile: false,
        babelrc: false,
      });
      return made?.code ? { code: made.code, map: made.map } : null;
    },
  },
});

/** The shell of the pages, kept by the browser: it opens without the server. What the pages show then they keep themselves (bench/lastSeen.ts). */
const shell = VitePWA({
  filename: "service-worker.js",
  injectRegister: false,
  manifest: false,
  workbox: {
    globPatterns: ["assets/*.{js,css,woff2}"],
    maximumFileSizeToCacheInBytes: 4_000_000,
    // Asked of the server by a page each, with a nonce of its own: the last one stands for all where it is away.
    navigateFallback: null,
    inlineWorkboxRuntime: true,
    clientsClaim: true,
    skipWaiting: true,
    runtimeCaching: [
      {
        urlPattern: ({ request, url }) => request.mode === "navigate" && !/^\/(api|login|logout|pair|certificate)\b/.test(url.pathname),
        handler: "NetworkFirst",
        options: {
          cacheName: "shell",
          networkTimeoutSeconds: 5,
          cacheableResponse: { statuses: [200] },
          plugins: [{ cacheKeyWillBeUsed: async () => "/" }],
        },
      },
    ],
  },
});

export default defineConfig({
  plugins: [compiled(), react(), shell],
  build: { chunkSizeWarningLimit: 1200, assetsInlineLimit: 0 },
  server: { proxy: { "/api": "http://127.0.0.1:4567" } },
});
