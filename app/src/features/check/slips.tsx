import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import type { SlipView } from './check-view';

const LOOKS = {
  stop: { box: 'bg-heat', title: 'text-onheat', words: 'text-onheat', button: 'bg-onheat border-onheat' },
  warn: { box: 'bg-amber', title: 'text-onamber', words: 'text-onamber', button: 'bg-onamber border-onamber' },
  note: { box: 'border border-panelline', title: 'text-onpanel', words: 'text-panelmute', button: '' },
} as const;
const SPOKEN = { stop: 'Stop', warn: 'Warning', note: 'Note' } as const;

interface SlipsProps {
  readonly slips: readonly SlipView[];
  readonly onRepair: (text: string, says: string) => void;
}

/** What is wrong with a recipe, the worst first: what it says, what comes of it, what to do. */
export function Slips({ slips, onRepair }: SlipsProps) {
  return (
    <View role="list" aria-label="What comes of it" className="gap-3">
      {slips.map(({ key, harm, says, text, repair }) => {
        const look = LOOKS[harm];
        return (
          <View
            key={key}
            role="listitem"
            aria-label={`${SPOKEN[harm]}: ${says}`}
            className={`items-start gap-2 rounded-[12px] p-3 ${look.box}`}
          >
            <Text variant="subheading" className={look.title}>
              {says}
            </Text>
            {text ? <Text className={`text-15 leading-21 ${look.words}`}>{text}</Text> : null}
            {repair?.would ? (
              <Text className={`text-15 leading-21 ${look.words}`}>It would say “{repair.would}”</Text>
            ) : null}
            {repair ? (
              <Button
                kind={harm === 'note' ? 'onPanel' : 'primary'}
                label={repair.label}
                onPress={() => onRepair(repair.text, repair.would ? 'The line is mended' : 'The line is out')}
              />
            ) : null}
          </View>
        );
      })}
    </View>
  );
}
