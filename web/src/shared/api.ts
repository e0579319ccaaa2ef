import createClient from 'openapi-fetch'
import type { components, paths } from './contract'

type Schemas = components['schemas']
export type Club = Omit<Schemas['ClubView'], 'drills'> & { drills: Drill[] }
export type Player = Schemas['Player']
export type Drill = Omit<Schemas['DrillView'], 'levels'> & { levels: Level[] }
export type Level = Omit<Schemas['LevelView'], 'target'> & { target: Target }
/** A level while its drill is made: what is worked out of it is left to the rules. */
export type DraftLevel
  = Pick<Level, 'number' | 'target' | 'ring' | 'goal' | 'dials' | 'tries' | 'advance' | 'retreat' | 'accepts' | 'coachTarget'>
export type DraftDrill = Omit<Drill, 'levels' | 'tracks'> & { levels: DraftLevel[] }
export type Design = Drill['design']
export type Goal = Schemas['GoalView']
export type Forecast = Schemas['ForecastView']
export type SetCount = Schemas['CountView']
export type Court = Schemas['CourtView']
export type Area = Schemas['AreaView']
export type Shape = Schemas['ShapeView']
export type Surface = Schemas['SurfaceView']
export type Marking = Schemas['MarkingView']
export type InUse = Schemas['RegionView']
// What is asked in order holds what is asked again, which the contract cannot say.
export type Asks = Omit<Schemas['AsksView'], 'parts'> & { parts?: Part[] }
export type Part = Omit<Schemas['PartView'], 'asks'> & { asks: Asks }
export type Zone = Omit<Schemas['ZoneView'], 'asks'> & { asks: Asks }
export type Target = Omit<Schemas['TargetView'], 'zones'> & { zones: Zone[] }
export type Stance = Schemas['StanceView']
export type Lying = Schemas['LyingView']
export type Stage = Schemas['StageView']
export type LyingZone = Schemas['LyingZoneView']
export type KeptTarget = Omit<Schemas['KeptTarget'], 'target'> & { target: Target }
export type PlaceVersion = Schemas['PlaceVersionView']
export type OwnCourt = Schemas['OwnCourtView']
export type Measure = Schemas['MeasureView']
export type AimReport = Schemas['AimReport']
export type Laid = Schemas['LaidBody']
export type OpenQueue = Schemas['OpenQueue']
export type Ledger = Schemas['LedgerView']
export type Today = Schemas['TodayView']
export type Due = Schemas['DueView']
export type Session = Schemas['SessionView']
export type Squad = Schemas['SquadView']
export type Member = Schemas['MemberView']
export type Stand = Schemas['StandView']
export type PlayerPageView = Schemas['PlayerView']
export type PlayerRecord = Schemas['RecordView']
export type Reading = Schemas['ReadingView']
export type Rate = Schemas['HitRateView']
export type LevelRate = Schemas['LevelRateView']
export type SetLine = Schemas['SetLine']
export type SetView = Schemas['SetView']
export type Shot = Schemas['ShotView']
export type Ruling = Schemas['RulingView']
export type Verdict = Schemas['VerdictView']
export type Advice = Schemas['AdviceView']
export type Said = Schemas['SaidBody']
export type ChartEvent = Schemas['EventView']
export type EventAnswer = Schemas['EventAnswer']
export type Problem = Schemas['ProblemView']
export type Outcome = Ruling['outcome']
export type Side = Ruling['side']
export type Card = Schemas['CardView']
export type ZoneReport = Schemas['ZoneReportView']
export type Standpoint = SetView['standpoint']
export type Hand = Player['hand']
export type Caller = Shot['by']
export type From = SetView['from']
export type Plane = Surface['plane']
export type Sport = Court['sport']
export type Tie = Zone['tie']

/** The version of the event bodies that this page writes. */
export const EVENT_VERSION = 4

export const api = createClient<paths>({ baseUrl: '/' })
