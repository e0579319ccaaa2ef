import { readFileSync, writeFileSync } from 'node:fs'
import { pathToFileURL } from 'node:url'

const [rulesFile, casesFile, answersFile] = process.argv.slice(2)
const rules = await import(pathToFileURL(rulesFile).href)

const answers = JSON.parse(readFileSync(casesFile, 'utf8')).map(({ events, rule }) => {
  const match = rules.match()
  const told = JSON.parse(events).map((event) => JSON.parse(match.append(JSON.stringify(event))))
  return {
    told: told.map(({ fromStep = -1, match: seen, problem }) => ({ fromStep, open: seen?.open ?? null, code: problem?.code ?? '' })),
    last: told.findLast(({ match: seen }) => seen).match,
    reviews: ['ONE', 'TWO'].map((team) => JSON.parse(match.review(team, -1, '[]'))),
    check: JSON.parse(match.check(rule, 'ONE')),
    where: JSON.parse(match.where(1.2, 3.4)),
  }
})
writeFileSync(answersFile, JSON.stringify(answers))
