import { areaClasses } from '@trowel/core/tables';
import { shareUnder, spotsOf } from './sick-area';

test.each(areaClasses)(
  'a leaf drawn for $from to $to per cent has $stands per cent sick, by a finer ruler',
  ({ stands }) => {
    expect(shareUnder(spotsOf(stands), 0.25) * 100).toBeCloseTo(stands, 0);
  },
);
