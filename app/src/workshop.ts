/**
 * The pages that read, weigh, choose and mix: with them come the knowledge and the core. They are one bundle,
 * fetched when first needed (or in a quiet moment before), so that Today is there without them.
 */
export { PlantFigure } from '@/drawing/plants';
export { HoursBand } from '@/drawing/HoursBand';
export { CalendarPage } from '@/steps/calendar/CalendarPage';
export { CasePage } from '@/steps/cases/CasePage';
export { CaseSheetPage } from '@/steps/cases/CaseSheetPage';
export { Overlay } from '@/steps/find/Overlay';
export { LeaveOut } from '@/steps/plan/LeaveOut';
export { CouldGive } from '@/steps/plan/CouldGive';
export { Counter } from '@/steps/follow/Counter';
export { WholeCount } from '@/steps/follow/WholeCount';
export { BedPage } from '@/steps/garden/BedPage';
export { GardenPage } from '@/steps/garden/GardenPage';
export { KeepPage } from '@/steps/keep/KeepPage';
export { PairPage } from '@/steps/keep/PairPage';
export { JobPage } from '@/steps/job/JobPage';
export { NewJobPage } from '@/steps/job/NewJobPage';
export { RoutinePage } from '@/steps/routine/RoutinePage';
export { BenchPage } from '@/steps/mix/BenchPage';
export { LabelsPage } from '@/steps/mix/LabelsPage';
export { ReviewPage } from '@/steps/notebook/ReviewPage';
export { PlatesPage } from '@/steps/plates/PlatesPage';
export { PracticePage } from '@/steps/practice/PracticePage';
export { Away, Marked } from '@/steps/today/Seldom';
export { WeatherPage } from '@/steps/weather/WeatherPage';
export { WordsPage } from '@/steps/words/WordsPage';
