import type { ReactNode } from 'react';
import { Pressable, type ViewStyle } from 'react-native';
import { useRoles } from '@/theme/theme';
import { Small } from '@/ui/text';

/** One thing that was told, with its mark; a tap changes it. */
export function Chip({
  says,
  label,
  mark,
  look,
  disabled = false,
  onPress,
}: {
  says: string;
  /** What a tap does, for those who cannot see it. */
  label: string;
  mark: ReactNode;
  look: Pick<ViewStyle, 'borderColor' | 'borderStyle' | 'backgroundColor'>;
  disabled?: boolean;
  onPress: () => void;
}) {
  const roles = useRoles();
  return (
    <Pressable
      role="button"
      aria-label={label}
      disabled={disabled}
      onPress={onPress}
      style={{
        minHeight: 44,
        maxWidth: '100%',
        flexDirection: 'row',
        alignItems: 'center',
        gap: 6,
        paddingHorizontal: 12,
        borderRadius: 6,
        borderWidth: 1.5,
        ...look,
      }}
    >
      {mark}
      <Small strong style={{ color: roles.text, flexShrink: 1 }}>
        {says}
      </Small>
    </Pressable>
  );
}
