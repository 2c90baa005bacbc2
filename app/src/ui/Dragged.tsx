import { useState, type ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';

/** px, from where it was taken hold of. */
export interface Pull {
  readonly dx: number;
  readonly dy: number;
}

interface DraggedProps {
  readonly children?: ReactNode;
  readonly style: ViewStyle;
  /** For a screen reader; what the arrow keys do belongs to it. */
  readonly label: string;
  readonly onStart: () => void;
  readonly onPull: (pull: Pull) => void;
  /** @param at where the hand let go, px of the window */
  readonly onDrop: (at: { readonly x: number; readonly y: number }) => void;
  /** Steps right and down, by the arrow keys. */
  readonly onNudge: (right: number, down: number) => void;
  /** By Enter or the space bar. */
  readonly onTap?: () => void;
}

const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** A stroke on it is its own, not the page's. */
const pulled = { dataSet: { pulled: '' } };

interface PointerAt {
  readonly currentTarget: unknown;
  readonly nativeEvent: { readonly pointerId: number; readonly clientX: number; readonly clientY: number };
}

/** Something that a finger, a mouse or the arrow keys move about. The page does not scroll under it. */
export function Dragged({ children, style, label, onStart, onPull, onDrop, onNudge, onTap }: DraggedProps) {
  const [from, setFrom] = useState<{ readonly x: number; readonly y: number }>();
  const drop = ({ nativeEvent: { clientX, clientY } }: PointerAt) => {
    if (!from) return;
    setFrom(undefined);
    onDrop({ x: clientX, y: clientY });
  };
  const byHand = {
    onPointerDown: ({ currentTarget, nativeEvent: { pointerId, clientX, clientY } }: PointerAt) => {
      // The hand that took hold of it keeps it, also where it runs ahead.
      (currentTarget as Element).setPointerCapture?.(pointerId);
      setFrom({ x: clientX, y: clientY });
      onStart();
    },
    onPointerMove: ({ nativeEvent: { clientX, clientY } }: PointerAt) => {
      if (from) onPull({ dx: clientX - from.x, dy: clientY - from.y });
    },
    onPointerUp: drop,
    onPointerCancel: drop,
  };
  const byKey = {
    tabIndex: 0 as const,
    onKeyDown: (event: { key: string; preventDefault: () => void }) => {
      if (onTap && (event.key === 'Enter' || event.key === ' ')) {
        event.preventDefault();
        onTap();
        return;
      }
      const step = arrows[event.key];
      if (!step) return;
      event.preventDefault();
      onNudge(step[0], step[1]);
    },
  };
  // Only the web knows these two.
  const still = { touchAction: 'none', cursor: 'grab' } as unknown as ViewStyle;
  return (
    <View role="button" aria-label={label} style={[style, still]} {...pulled} {...byKey} {...byHand}>
      {children}
    </View>
  );
}
