export { DrawnHabit, inPot, PlantFigure } from './PlantPortrait';
export { habits } from './habits';
