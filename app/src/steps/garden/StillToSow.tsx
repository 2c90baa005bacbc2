import { listWords, lowerFirst } from '@trowel/core/wording/everyday';
import { View } from 'react-native';
import { useSowing } from '@/api/queries';
import { PlantFigure } from '@/drawing/plants';
import { space } from '@/theme/theme';
import { Row } from '@/ui/layout';
import { Loaded } from '@/ui/states';
import { Body, Small } from '@/ui/text';
import { notHereWords } from '@/wording/places';

/** What can still be sown or set out here and be ripe before the cold. @param caseId of the plant that is given up */
export function StillToSow({ bedId, caseId }: { bedId: string; caseId?: string }) {
  return (
    <Loaded query={useSowing(bedId, caseId)}>
      {({ fits, notHere }) => (
        <View style={{ gap: space.s }}>
          {fits.length === 0 && (
            <Body>
              Nothing that is known here would be ripe before the cold. Keep the soil covered until it is time again:
              with a green manure, or a hand’s width of leaves.
            </Body>
          )}
          {fits.map(({ plant, name, says }) => (
            <Row key={plant}>
              <PlantFigure id={plant} size={48} />
              <View style={{ flex: 1, minWidth: 0 }}>
                <Body strong>{name}</Body>
                <Small>{says}</Small>
              </View>
            </Row>
          ))}
          {(['same-trouble', 'family'] as const).map((because) => {
            const names = notHere.filter((one) => one.because === because).map(({ name }) => lowerFirst(name));
            return names.length === 0 ? null : (
              <Small key={because}>{`Not here: ${listWords(names)}: ${notHereWords[because]}.`}</Small>
            );
          })}
          {fits.length > 0 && (
            <Small>
              Days are reckoned from the warmth and the light to come; seed packets know their own kind better.
            </Small>
          )}
        </View>
      )}
    </Loaded>
  );
}
