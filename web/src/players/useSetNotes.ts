import { useI18n } from 'vue-i18n'
import type { Reading, SetLine } from '@/shared/api'

/** What is to be known of a set besides its count, in few words. */
export function useSetNotes() {
  const { t } = useI18n()
  const some = (notes: string[]) => notes.filter((note) => note !== '')

  const state = (set: SetLine) => some([
    set.struck ? t('player.struck') : '',
    !set.closed ? t('player.open') : '',
    set.move?.unmet ? t('player.unmet') : '',
    set.move && !set.move.unmet ? t('player.moved', { to: set.move.to }) : '',
  ])

  const trace = ({ notSeen, trace }: SetLine) => some([
    notSeen ? t('player.notSeen', { count: notSeen }) : '',
    trace.enteredLater ? t('player.enteredLater') : '',
    trace.moved ? t('player.movedHere') : '',
    trace.corrected ? t('player.corrected', { count: trace.corrected }) : '',
    trace.brokeAt.length ? t('count.broke', { counts: trace.brokeAt.join(', ') }) : '',
  ])

  const ofLine = (set: SetLine) => [...state(set), ...trace(set)]

  const ofReading = ({ set, levelThen, advice }: Reading) => some([
    ...state(set),
    set.level !== levelThen ? t('player.changedSince') : '',
    set.said && advice && set.said.call !== advice.call && !set.struck ? t('player.saidOtherwise') : '',
    ...trace(set),
  ])

  return { ofLine, ofReading }
}
