import { computed, type Ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Forecast, Level } from '@/shared/api'
import { asPercent } from '@/shared/format'
import { useGoals } from '@/shared/goals'
import { usePatterns } from '@/shared/patterns'

/** What a forecast says of a player, or of several who hit in turn. */
export function useForecastWords(level: () => Level, forecast: Ref<Forecast | undefined>, name: Ref<string>) {
  const { t } = useI18n()
  const { asked } = useGoals()
  const { stepWords } = usePatterns()

  /** A chance that rounds to none is still one. */
  const inHundred = (share: number) => share > 0 && share < 0.005 ? t('forecast.underOne') : `${Math.round(share * 100)}`

  const countedIn = (count: number) => t(`counted.${level().unit}`, { count }, count)
  const decidedBy = computed(() => {
    const step = level().dials.pattern?.steps[forecast.value?.decidedBy ?? -1]
    return step && t('forecast.decidedBy', { step: stepWords(step, level().target) })
  })

  const says = computed(() => {
    const { rate, met, passes, balls, minutes } = forecast.value ?? {}
    if (!rate || met === undefined || passes === undefined) {
      return undefined
    }
    return {
      met: t('forecast.met', { name: name.value, goal: asked(level().goal), times: inHundred(met) }),
      balls: balls?.cautious === undefined || balls.median === undefined
        ? t('forecast.never')
        : t('forecast.balls', {
            median: countedIn(balls.median), cautious: balls.cautious, minutes: minutesOf(minutes?.median), atMost: minutesOf(minutes?.cautious),
          }),
      breaks: balls?.breaks ? t('forecast.breaks', { breaks: balls.breaks.toFixed(1) }) : '',
      passes: t('forecast.passes', { name: name.value, times: inHundred(passes), tries: forecast.value?.tries ?? 0 }),
      rests: t(`forecast.basis.${rate.basis === 'TRIALS' && level().dials.pattern ? 'PASSES' : rate.basis}`, {
        rate: asPercent(rate.rate), trials: rate.basis === 'TRIALS' ? countedIn(rate.trials) : rate.trials, level: rate.level,
      }),
      drawn: rate.others ? t('forecast.drawn', { others: rate.others }) : '',
      pace: t(minutes?.known ? 'forecast.ownPace' : 'forecast.usualPace', {
        seconds: minutes?.secondsABall.toFixed(1) ?? '', one: countedIn(1),
      }),
    }
  })

  const minutesOf = (minutes: number | undefined) => minutes === undefined ? '' : minutes < 10 ? minutes.toFixed(1) : `${Math.round(minutes)}`

  return { says, decidedBy, inHundred }
}
