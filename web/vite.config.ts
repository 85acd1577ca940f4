import { transformAsync } from "@babel/core";
import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";

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

export default defineConfig({
  plugins: [compiled(), react()],
  build: { chunkSizeWarningLimit: 1200, assetsInlineLimit: 0 },
  server: { proxy: { "/api": "http://127.0.0.1:4567" } },
});
