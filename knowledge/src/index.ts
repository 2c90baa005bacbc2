import type { Tables } from '@trowel/core/tables';
import { causes } from './causes';
import { checks } from './checks';
import { combinations } from './combinations';
import { conditions } from './conditions';
import { courses } from './courses';
import { ingredients } from './ingredients';
import { keepApart } from './keep-apart';
import { life, reaches } from './life';
import { classes } from './limits/classes';
import { areaLimits, depthLimits, limits, paces, temperatures } from './limits';
import { plants } from './plants';
import { regret } from './regret';
import { remedies } from './remedies';
import { retired } from './retired';
import { routines } from './routines';
import { safetyRules } from './safety';
import { sceneFacts } from './safety/facts';
import { signs } from './signs';
import { specimens } from './specimens';
import { sowing } from './sowing';
import { weeds } from './weeds';
import { concepts } from './words';
import { settingsTold } from './words/settings';
import { tried } from './words/tried';
import { works } from './words/works';

export { glossary } from './glossary';
export { retired };

/** The whole knowledge of the product, as the tables that the core works on. */
export const knowledge: Tables = {
  plants,
  conditions,
  causes,
  signs,
  concepts,
  weeds,
  sowing,
  checks,
  remedies,
  routines,
  ingredients,
  keepApart,
  safetyRules,
  sceneFacts,
  limits,
  areaLimits,
  depthLimits,
  paces,
  classes,
  temperatures,
  works,
  courses,
  combinations,
  specimens,
  life,
  reaches,
  retired,
  regret,
  tried,
  settingsTold,
};
