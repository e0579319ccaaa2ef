import { readFileSync, writeFileSync } from 'node:fs'
import { pathToFileURL } from 'node:url'

const [rulesFile, casesFile, answersFile] = process.argv.slice(2)
const rules = await import(pathToFileURL(rulesFile).href)
const read = (text) => (text === '' ? null : JSON.parse(text))

const answers = JSON.parse(readFileSync(casesFile, 'utf8')).map(({ drill, history, events, player }) => {
  const chart = rules.chart(JSON.stringify(drill), JSON.stringify(history))
  let shots = []
  for (const event of events) {
    const seen = JSON.parse(chart.append(JSON.stringify(event)))
    shots = seen.problem ? shots : [...shots.slice(0, seen.fromShot), ...seen.set.shots]
  }
  chart.prepare(1, '')
  const line = read(chart.line())
  return {
    set: read(chart.set()),
    spliced: shots,
    judged: read(chart.judged()),
    line,
    standing: read(rules.standing(JSON.stringify(drill), JSON.stringify(history), JSON.stringify([line]), player, '', 2)),
    fromHere: read(chart.fromHere()),
    lying: read(chart.lying()),
    passes: read(chart.passReport()),
  }
})
writeFileSync(answersFile, JSON.stringify(answers))
