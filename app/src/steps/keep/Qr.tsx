import makeQr from 'qrcode-generator';
import Svg, { Path, Rect } from 'react-native-svg';
import { View } from 'react-native';
import { ink } from '@/drawing/ink';

/** Cells left free on each side, as readers want it. */
const margin = 4;

/** A text as a picture that a camera reads; dark on light in every theme, as cameras want it. */
export function Qr({ text, says, size = 200 }: { text: string; says: string; size?: number }) {
  // As small as the text allows, with room for a smudge.
  const code = makeQr(0, 'M');
  code.addData(text);
  code.make();
  const cells = code.getModuleCount();
  const all = Array.from({ length: cells }, (_, at) => at);
  const dark = all.flatMap((y) =>
    all.filter((x) => code.isDark(y, x)).map((x) => `M${x + margin} ${y + margin}h1v1h-1z`),
  );
  const side = cells + 2 * margin;
  return (
    <View role="img" aria-label={says}>
      <Svg width={size} height={size} viewBox={`0 0 ${side} ${side}`} aria-hidden>
        <Rect width={side} height={side} fill={ink.white} />
        <Path d={dark.join('')} fill={ink.line} />
      </Svg>
    </View>
  );
}
