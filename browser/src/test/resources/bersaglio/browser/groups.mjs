import { readFileSync, writeFileSync } from 'node:fs'
import { pathToFileURL } from 'node:url'

const [rulesFile, casesFile, answersFile] = process.argv.slice(2)
const rules = await import(pathToFileURL(rulesFile).href)

const answers = JSON.parse(readFileSync(casesFile, 'utf8')).map((events) => JSON.parse(rules.group(events)))
writeFileSync(answersFile, JSON.stringify(answers))
