import type { ComponentProps } from 'react';
import { Button as PaperButton } from 'react-native-paper';
import { space } from '@/theme/theme';
import type { IconName } from './Icon';

type PaperProps = ComponentProps<typeof PaperButton>;

interface ButtonProps extends Pick<PaperProps, 'children' | 'disabled' | 'accessibilityLabel' | 'style'> {
  readonly onPress: () => void;
  /** `main` is the one thing to do here, `soft` answers a question, `plain` stands back. */
  readonly kind?: 'main' | 'other' | 'soft' | 'plain';
  /** For a thumb in the garden. */
  readonly tall?: boolean;
  readonly icon?: IconName;
}

const modes = { main: 'contained', other: 'outlined', soft: 'contained-tonal', plain: 'text' } as const;

/** Every button of the product, never smaller than a thumb. */
export function Button({ kind = 'plain', tall = false, onPress, ...rest }: ButtonProps) {
  return (
    <PaperButton
      mode={modes[kind]}
      contentStyle={{ minHeight: tall ? 56 : space.target }}
      onPress={() => onPress()}
      {...rest}
    />
  );
}
