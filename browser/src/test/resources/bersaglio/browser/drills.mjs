import { readFileSync, writeFileSync } from 'node:fs'
import { pathToFileURL } from 'node:url'

const [rulesFile, casesFile, answersFile] = process.argv.slice(2)
const desk = await import(pathToFileURL(rulesFile).href)

const answers = JSON.parse(readFileSync(casesFile, 'utf8')).map(([text, upTo, rule]) => {
  const read = JSON.parse(desk.drill(text, '[]'))
  const drill = JSON.stringify(read.drill ?? {})
  return [
    read,
    JSON.parse(desk.next(text.slice(0, upTo), '[]')),
    JSON.parse(desk.words(drill)),
    JSON.parse(desk.checked(drill)),
    JSON.parse(desk.mirrored(drill)),
    JSON.parse(desk.grown(drill, rule)),
  ]
})
writeFileSync(answersFile, JSON.stringify(answers))
