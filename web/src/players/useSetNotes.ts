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

  const details = ({ notSeen, details: known }: SetLine) => some([
    notSeen ? t('player.notSeen', { count: notSeen }) : '',
    known.enteredLater ? t('player.enteredLater') : '',
    known.moved ? t('player.movedHere') : '',
    known.corrected ? t('player.corrected', { count: known.corrected }) : '',
    known.brokeAt.length ? t('count.broke', { counts: known.brokeAt.join(', ') }) : '',
  ])

  const ofLine = (set: SetLine) => [...state(set), ...details(set)]

  const ofReading = ({ set, levelThen, advice }: Reading) => some([
    ...state(set),
    set.level !== levelThen ? t('player.changedSince') : '',
    set.said && advice && set.said.call !== advice.call && !set.struck ? t('player.saidOtherwise') : '',
    ...details(set),
  ])

  return { ofLine, ofReading }
}
