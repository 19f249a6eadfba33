import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

const here = fileURLToPath(new URL('.', import.meta.url))
const server = process.env.KAMURI_SERVER ?? 'http://localhost:7390'
// Kamuri takes writes from its own pages only; while it is worked on, these are its own.
const proxied = { target: server, changeOrigin: true, headers: { origin: server } }

export default defineConfig({
  plugins: [react(), tailwindcss()],
  resolve: { alias: { '@': here } },
  build: {
    outDir: '../../artifacts/ui',
    emptyOutDir: true,
    // The content policy allows no data: fonts or scripts, so everything is a file.
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
  },
  server: { fs: { allow: ['../..'] }, proxy: { '/api': proxied, '/openapi': proxied } },
  test: {
    environment: 'node',
    include: ['../../tests/kamuri-ui/**/*.test.{ts,tsx}'],
    root: '.',
    testTimeout: 20_000,
    // The tests lie beside those of the server, away from the packages they use.
    alias: [
      {
        find: /^(react|@testing-library\/react|@tanstack\/react-query|react-router)(\/.*)?$/,
        replacement: `${here}node_modules/$1$2`,
      },
    ],
  },
})
