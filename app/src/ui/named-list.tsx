import { View } from 'react-native';
import { Text } from './text';

/** Something that is said of people by name. */
interface Named {
  readonly code: string;
  readonly severity: 'stop' | 'warn' | 'note';
  readonly title: string;
  readonly text: string;
}

const EDGES = { stop: 'border-[#B83814]', warn: 'border-[#C98A00]', note: 'border-[#C8D6D3]' } as const;

/** What concerns somebody by name: never behind a tap, gravest first, one beside the other on one card. */
export function NamedList({ cautions }: { readonly cautions: readonly Named[] }) {
  if (cautions.length === 0) return null;
  return (
    <View role="list" aria-label="For your people" className="gap-2 rounded-[12px] bg-[#FBFDFC] p-3">
      {cautions.map(({ code, severity, title, text }) => (
        <View key={code} role="listitem" className={`border-l-[4px] pl-3 ${EDGES[severity]}`}>
          <Text className={`text-15 font-bold leading-21 ${severity === 'stop' ? 'text-[#7A1F05]' : 'text-[#0E2A2B]'}`}>
            {title}
          </Text>
          <Text className="text-14 leading-20 text-[#0E2A2B]">{text}</Text>
        </View>
      ))}
    </View>
  );
}
