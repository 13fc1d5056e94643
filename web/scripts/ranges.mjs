// The ranges of the OpenAPI document as a table for the page: node scripts/ranges.mjs [--check]
import { readFileSync, writeFileSync } from 'node:fs'

const FROM = 'src/shared/api/openapi.json'
const TO = 'src/shared/api/generated/ranges.ts'

const { components } = JSON.parse(readFileSync(FROM, 'utf8'))
const bounded = ({ properties = {} }) =>
  Object.entries(properties).filter(([, at]) => at.minimum !== undefined && at.maximum !== undefined)
const row = ([name, { minimum, maximum }]) => `    ${name}: { least: ${minimum}, most: ${maximum} },`
const tables = Object.entries(components.schemas)
  .filter(([, schema]) => bounded(schema).length > 0)
  .map(([name, schema]) => `  ${name}: {\n${bounded(schema).map(row).join('\n')}\n  },`)

const text = `// Made of the OpenAPI document by scripts/ranges.mjs: what the server takes, in SI.
export const RANGES = {
${tables.join('\n')}
} as const
`

if (!process.argv.includes('--check')) writeFileSync(TO, text)
else if (readFileSync(TO, 'utf8') !== text) {
  console.error(`${TO} is not what ${FROM} says: npm run api`)
  process.exit(1)
}
