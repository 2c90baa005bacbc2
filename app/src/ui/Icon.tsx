import {
  mdiAlertCircleOutline,
  mdiArrowLeft,
  mdiBookOpenVariant,
  mdiCheck,
  mdiChevronDown,
  mdiChevronRight,
  mdiClose,
  mdiFlaskOutline,
  mdiGate,
  mdiMagnify,
  mdiMinus,
  mdiPlus,
  mdiTagOutline,
  mdiWeatherSunny,
} from './icon-paths';
import Svg, { Path } from 'react-native-svg';

/** The icons in use, by what they mean here. */
const paths = {
  today: mdiWeatherSunny,
  cases: mdiTagOutline,
  bench: mdiFlaskOutline,
  garden: mdiGate,
  notebook: mdiBookOpenVariant,
  find: mdiMagnify,
  plus: mdiPlus,
  minus: mdiMinus,
  check: mdiCheck,
  close: mdiClose,
  back: mdiArrowLeft,
  open: mdiChevronRight,
  down: mdiChevronDown,
  caution: mdiAlertCircleOutline,
} as const;
export type IconName = keyof typeof paths;

export const isIconName = (name: unknown): name is IconName => typeof name === 'string' && name in paths;

/** A picture beside words; it says nothing of its own to a screen reader. */
export function Icon({ name, size = 24, color }: { name: IconName; size?: number; color: string }) {
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path d={paths[name]} fill={color} />
    </Svg>
  );
}
