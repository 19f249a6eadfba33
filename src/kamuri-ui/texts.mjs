// Prints every text of the interface with its id: the folder and name in it, and {parts} in braces.
import { readdirSync } from 'node:fs'
import { createServer } from 'vite'

const parts = new Proxy({}, { get: (_, name) => `{${String(name)}}` })
const server = await createServer({ server: { middlewareMode: true }, appType: 'custom', logLevel: 'error' })
try {
    const folders = ['api', 'app', 'drawings', 'kit', 'places']
    const files = folders.flatMap((folder) =>
        readdirSync(folder, { recursive: true }).map((file) => `${folder}/${file}`),
    )
    for (const file of files.filter((each) => each.endsWith('/words.ts')).sort()) {
        const area = file.replace(/\/words\.ts$/, '')
        console.log(`\n## ${area}\n`)
        for (const [group, texts] of Object.entries(await server.ssrLoadModule(`/${file}`))) print(`${group}`, texts)
    }
} finally {
    await server.close()
}

function print(id, value) {
    if (typeof value === 'string') console.log(`- ${id}: ${value}`)
    else if (Array.isArray(value)) value.forEach((each, n) => print(`${id}.${each.value ?? n}`, each.word ?? each))
    else if (value && typeof value === 'object')
        Object.entries(value).forEach(([key, each]) =>
            print(`${id}.${key}`, typeof each === 'function' ? each(parts) : each),
        )
}
