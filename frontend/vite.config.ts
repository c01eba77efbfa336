import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

// Where `./fern dev` opens the page, and the port at which it serves the API.
const { FERNRING_PORT: page = "8437", FERNRING_API: api } = process.env;

export default defineConfig({
  plugins: [react()],
  server: {
    host: "127.0.0.1",
    port: Number(page),
    strictPort: true,
    // The page keeps its own address, which the server compares with where a change comes from.
    proxy: { "/api": { target: `http://127.0.0.1:${api}`, changeOrigin: false } },
  },
  build: { outDir: "dist", assetsInlineLimit: 0 },
});
