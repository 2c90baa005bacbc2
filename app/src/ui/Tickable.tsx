import type { ReactNode } from 'react';
import { Pressable, type StyleProp, type ViewStyle } from 'react-native';

/** Something that is ticked as a whole: by a tap, by Enter, and by the space bar as every checkbox is. */
export function Tickable({
  isTicked,
  tick,
  says,
  disabled = false,
  style,
  children,
}: {
  isTicked: boolean;
  tick: () => void;
  /** Left out where what stands in it says it. */
  says?: string;
  disabled?: boolean;
  style?: StyleProp<ViewStyle>;
  children: ReactNode;
}) {
  const press = (event: { key: string; preventDefault: () => void }) => {
    if (event.key !== ' ' || disabled) return;
    event.preventDefault();
    tick();
  };
  return (
    <Pressable
      role="checkbox"
      aria-checked={isTicked}
      {...(says === undefined ? {} : { 'aria-label': says })}
      disabled={disabled}
      onPress={tick}
      // Known to the web alone.
      {...{ onKeyDown: press }}
      style={style}
    >
      {children}
    </Pressable>
  );
}
