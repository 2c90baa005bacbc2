import { useRef, type ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';

interface TouchAt {
  readonly target: unknown;
  readonly currentTarget: unknown;
  readonly nativeEvent: {
    readonly touches: ArrayLike<unknown>;
    readonly changedTouches: ArrayLike<{ readonly pageX: number; readonly pageY: number }>;
  };
}

/** px; a shorter stroke is a tap that slipped. */
const least = 56;
/** ms; a slower one is a hand that rests. */
const longest = 700;
/** What is pulled to and fro by itself, or written in. */
const ownPull = 'input, textarea, select, [role=slider], [role=tablist], [data-pulled]';
const swiped = '[data-swiped]';

/** Known to the web alone. */
const mark = { dataSet: { swiped: '' } };

/**
 * A stroke of one finger to the left or to the right: beside the buttons that do the same, never instead of them.
 * Strokes up and down stay the page's, and so do those on what is pulled itself.
 */
export function Swiped({
  onLeft,
  onRight,
  children,
  style,
}: {
  onLeft: (() => void) | undefined;
  onRight: (() => void) | undefined;
  children: ReactNode;
  style?: ViewStyle;
}) {
  const from = useRef<{ x: number; y: number; at: number } | undefined>(undefined);
  const begin = ({ target, currentTarget, nativeEvent: { touches, changedTouches } }: TouchAt) => {
    const touch = changedTouches[0];
    // Of two that lie in each other the inner one is meant.
    const isOwn =
      target instanceof Element && (target.closest(ownPull) !== null || target.closest(swiped) !== currentTarget);
    from.current =
      touch && touches.length === 1 && !isOwn ? { x: touch.pageX, y: touch.pageY, at: Date.now() } : undefined;
  };
  const end = ({ nativeEvent: { changedTouches } }: TouchAt) => {
    const [start, touch] = [from.current, changedTouches[0]];
    from.current = undefined;
    if (!start || !touch || Date.now() - start.at > longest) return;
    const [across, along] = [touch.pageX - start.x, touch.pageY - start.y];
    if (Math.abs(across) < least || Math.abs(across) < 2 * Math.abs(along)) return;
    (across < 0 ? onLeft : onRight)?.();
  };
  return (
    <View
      {...mark}
      style={style}
      onTouchStart={begin}
      onTouchEnd={end}
      onTouchCancel={() => (from.current = undefined)}
    >
      {children}
    </View>
  );
}
