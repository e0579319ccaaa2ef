import { readFileSync, writeFileSync } from 'node:fs'
import { pathToFileURL } from 'node:url'

const [rulesFile, casesFile, answersFile] = process.argv.slice(2)
const rules = await import(pathToFileURL(rulesFile).href)
const desk = await import(pathToFileURL(rulesFile).href)

const answers = JSON.parse(readFileSync(casesFile, 'utf8'))
  .map(([target, conditions, places, change, length, measures], place) => {
    const seed = place + 1
    return [
      JSON.parse(rules.lying(target, 0, conditions)),
      JSON.parse(rules.preview(target, 0, conditions, places)),
      JSON.parse(desk.changed(target, seed % 2, change)),
      JSON.parse(desk.length(length, measures)),
      desk.written(1.234 * seed % 9, ['METRE', 'FOOT', 'tiles'][seed % 3], measures),
    ]
  })
writeFileSync(answersFile, JSON.stringify(answers))
