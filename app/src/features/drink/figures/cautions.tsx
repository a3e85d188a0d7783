import type { Caution } from '@wellhydra/core/caution';
import { View } from 'react-native';
import { StopNote } from '../../../ui/stop-note';
import { Text } from '../../../ui/text';

interface CautionsProps {
  readonly cautions: readonly Caution[];
}

/** What must be read before anything else: said in full, at once. */
export function StopCautions({ cautions }: CautionsProps) {
  if (cautions.length === 0) return null;
  return (
    <View role="alert" className="gap-2">
      {cautions.map((caution) => (
        <StopNote key={caution.code} title={caution.title} text={caution.text} />
      ))}
    </View>
  );
}

/** The same where there is no room for it: what it is about, and read in full to those who cannot see it. */
export function StopTitles({ cautions }: CautionsProps) {
  if (cautions.length === 0) return null;
  return (
    <View role="alert">
      {cautions.map(({ code, title, text }) => (
        <Text key={code} className="text-15 font-bold leading-20 text-[#FFB199]">
          {title}
          <Text className="sr-only">. {text}</Text>
        </Text>
      ))}
    </View>
  );
}

/** Cautions with their reasons and sources. */
export function CautionList({ cautions }: CautionsProps) {
  if (cautions.length === 0) return null;
  return (
    <View className="gap-2">
      <Text variant="heading" className="text-onpanel">
        Before anyone drinks it
      </Text>
      {cautions.map((caution) => (
        <View key={caution.code} className="gap-1 rounded-[12px] bg-[#F3D9A4] p-3">
          <Text variant="strong" className="text-[#3B2A00]">
            {caution.title}
          </Text>
          <Text className="text-14 leading-20 text-[#3B2A00]">{caution.text}</Text>
          <Text variant="small" className="text-[#5C4408]">
            For {caution.concerns}. Source: {caution.source}.
          </Text>
        </View>
      ))}
    </View>
  );
}
