import { Pressable, type StyleProp, type ViewStyle } from 'react-native';
import { ButtonFace, useButtonFrame, type ButtonKind } from './ButtonFace';
import type { IconName } from './Icon';

interface ButtonProps {
  readonly children: string;
  readonly onPress: () => void;
  readonly kind?: ButtonKind;
  /** For a thumb in the garden. */
  readonly tall?: boolean;
  readonly icon?: IconName;
  readonly disabled?: boolean;
  /** In full, for a screen reader; holds what is written. */
  readonly accessibilityLabel?: string;
  readonly style?: StyleProp<ViewStyle>;
}

/** Every button of the product, never smaller than a thumb. */
export function Button({
  children,
  onPress,
  kind = 'plain',
  tall = false,
  icon,
  disabled = false,
  accessibilityLabel,
  style,
}: ButtonProps) {
  const frame = useButtonFrame(kind, { tall, off: disabled });
  return (
    <Pressable
      role="button"
      disabled={disabled}
      aria-label={accessibilityLabel}
      onPress={() => onPress()}
      style={[frame, style]}
    >
      <ButtonFace kind={kind} icon={icon}>
        {children}
      </ButtonFace>
    </Pressable>
  );
}
