import type { WeedDrawing } from '@trowel/core/tables';
import type { Habit } from '../parts';
import { climbing } from './climbing';
import { creeping } from './creeping';
import { mat } from './mat';
import { rosette } from './rosette';
import { tuft } from './tuft';
import { upright } from './upright';

export const habits: Record<WeedDrawing['habit'], Habit> = {
  rosette,
  upright,
  creeping,
  runner: creeping,
  climbing,
  tuft,
  mat,
};
