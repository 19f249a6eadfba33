import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

const server = process.env.KAMURI_SERVER ?? 'http://localhost:7390'

export default defineConfig({
  plugins: [react(), tailwindcss()],
  resolve: { alias: { '@': fileURLToPath(new URL('.', import.meta.url)) } },
  build: {
    outDir: '../../artifacts/ui',
    emptyOutDir: true,
    // The content policy allows no data: fonts or scripts, so everything is a file.
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
  },
  server: { proxy: { '/api': server, '/openapi': server } },
  test: { environment: 'node', include: ['../../tests/kamuri-ui/**/*.test.ts'], root: '.' },
})
