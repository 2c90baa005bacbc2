import { Pressable, View } from 'react-native';
import { space, useRoles } from '@/theme/theme';
import { useWorkshop } from './FromWorkshop';
import { Small } from './text';

/** The portrait of a plant, once drawings are there; its place is kept until then. */
export function PlantSpot({ plant, size }: { plant: string | null; size: number }) {
  const PlantFigure = useWorkshop()?.PlantFigure;
  return PlantFigure ? <PlantFigure id={plant} size={size} /> : <View style={{ width: size, height: size }} />;
}

/** A plant to tap, as itself. */
export function PlantTile({
  plant,
  label,
  says = label,
  disabled = false,
  onPress,
}: {
  plant: string | null;
  label: string;
  /** In full, for a screen reader; begins with what is written. */
  says?: string;
  disabled?: boolean;
  onPress: () => void;
}) {
  const roles = useRoles();
  return (
    <Pressable
      role="button"
      aria-label={says}
      disabled={disabled}
      onPress={onPress}
      style={{
        width: 104,
        minHeight: 112,
        alignItems: 'center',
        gap: 2,
        padding: space.xs,
        borderRadius: 6,
        borderWidth: 1,
        borderColor: roles.line,
        backgroundColor: roles.raised,
        opacity: disabled ? 0.6 : 1,
      }}
    >
      <PlantSpot plant={plant} size={76} />
      <Small strong style={{ color: roles.text, textAlign: 'center' }}>
        {label}
      </Small>
    </Pressable>
  );
}
