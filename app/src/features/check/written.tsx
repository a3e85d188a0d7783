import { View } from 'react-native';
import { Text } from '../../ui/text';
import type { LineTone, LineView } from './check-view';

const MARKS: Readonly<Record<LineTone, string>> = {
  certain: 'border-b-2 border-teal',
  likely: 'border-b-2 border-dotted border-teal',
  asked: 'border-b-2 border-dotted border-onamber bg-amber',
  slip: 'border-b-2 border-heat bg-heat/30',
  aside: '',
};
/** What the colours say, for who does not see them. */
const SPOKEN: Readonly<Record<LineTone, string>> = {
  certain: '',
  likely: ', not certain',
  asked: ', asked about',
  slip: ', a slip',
  aside: ', no part of the drink',
};

/** The element of a line, where a thread leaves it. */
export const lineId = (line: number): string => `written-${line}`;

/** A recipe as it was written, each line with how it was read. */
export function Written({ lines }: { readonly lines: readonly LineView[] }) {
  return (
    <View role="list" aria-label="As it was written" className="gap-[6px]">
      {lines.map((line, index) => (
        <View
          key={index}
          role="listitem"
          aria-label={`${line.text}${SPOKEN[line.tone]}`}
          className={`flex-row ${line.apart ? 'mt-4' : ''}`}
        >
          <Text
            nativeID={lineId(index)}
            className={`shrink ${MARKS[line.tone]} ${line.tone === 'aside' ? 'text-mute' : ''}`}
          >
            {line.text}
          </Text>
        </View>
      ))}
    </View>
  );
}
