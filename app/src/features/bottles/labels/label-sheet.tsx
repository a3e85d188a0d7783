import type { BottleRecord } from '@wellhydra/contract';
import { LABEL_SHEETS, labelsOn, type LabelSheetId } from '@wellhydra/contract/label-sheets';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { LABELS_LANE, labelsPrinted, labelsStuck, labelsTitle } from '../../../domain/bottles/label-deeds';
import { useLookAtLabelsQuery } from '../../../domain/bottles/label-endpoints';
import { saveLabels } from '../../../domain/bottles/save-labels';
import { selectBrews } from '../../../domain/brews/brews';
import { useAppDispatch, useAppSelector } from '../../../domain/store';
import { useLane } from '../../../domain/waiting/use-lane';
import { failureOf, refusalOf } from '../../../state/api';
import { noticeRaised } from '../../../state/notices';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Sheet } from '../../../ui/sheet';
import { Refusal } from '../../../ui/refusal';
import { Text } from '../../../ui/text';
import { LabelPreview } from './label-preview';

interface LabelSheetProps {
  readonly bottles: readonly Pick<BottleRecord, 'id'>[];
  /** Brews whose jars still stand, by id. */
  readonly brews?: readonly string[];
  readonly onClose: () => void;
}

const NONE: readonly string[] = [];

/** Labels for bottles and standing jars: on which sheet, from which label on, looked at before they are printed. */
export function LabelSheet({ bottles, brews = NONE, onClose }: LabelSheetProps) {
  const dispatch = useAppDispatch();
  const [sheet, setSheet] = useState<LabelSheetId>('roll-89');
  const [start, setStart] = useState(1);
  const ids = bottles.map(({ id }) => id);
  const labelled = { bottles: ids, brews };
  const { waits, refused } = useLane(LABELS_LANE);
  const { columns, rows } = LABEL_SHEETS.find(({ id }) => id === sheet)!;
  const order = { ...labelled, sheet, start: Math.min(start, labelsOn({ columns, rows })) };
  // A label says what the server knows: what was done last has to be there first.
  const waiting = useAppSelector((state) => selectBrews(state).outbox.some(({ brew }) => brews.includes(brew)));
  const { data, error: failed } = useLookAtLabelsQuery(order, { skip: waiting, refetchOnMountOrArgChange: true });
  const pages = data?.pages ?? null;
  const several = pages !== null && (labelsOn({ columns, rows }) > 1 || pages.length > 1);
  // Without the server there is nothing to look at; what is told to the printer is printed once there is.
  const goesOut = waits.some(({ kind }) => kind === 'labels-printed');
  const one = ids.length + brews.length === 1;
  const away = failed !== undefined && failureOf(failed).code === 'offline';
  const noPages = pages ? null : failed ? 'There are no pages to save' : 'The pages are still being drawn';
  const say = (text: string, grave = false) => dispatch(noticeRaised({ text, ...(grave ? { grave } : {}) }));
  const save = async () => {
    const problem = await saveLabels(order);
    if (problem) return say(problem, true);
    if (ids.length > 0) dispatch(labelsStuck(labelled));
    say('The labels are saved as a PDF');
  };
  return (
    <Sheet title={labelsTitle(labelled)} open onClose={onClose} wide>
      {pages?.[0] ? (
        <LabelPreview
          page={pages[0]}
          part={pages[0].cells[0]}
          label="The first label, as it is printed"
          most_px={520}
        />
      ) : null}
      <Choice
        label="Sheet or roll"
        options={LABEL_SHEETS.map(({ id, name }) => ({ value: id as LabelSheetId, label: name }))}
        value={sheet}
        onChange={setSheet}
      />
      {labelsOn({ columns, rows }) > 1 ? (
        <StartAt columns={columns} rows={rows} start={order.start} onChange={setStart} />
      ) : null}
      {waiting ? <Text role="status">What was done last is still on its way; then the label is here.</Text> : null}
      <Refusal message={refused ?? (waiting || away ? null : refusalOf(failed))} />
      {goesOut ? (
        <Text role="status">{`${one ? 'It is' : 'They are'} printed as soon as the server answers.`}</Text>
      ) : away ? (
        <Text role="status">
          {one
            ? 'The server draws the label, and does not answer. Sent to the label printer now, it is printed as soon as it does.'
            : 'The server draws the labels, and does not answer. Sent to the label printer now, they are printed as soon as it does.'}
        </Text>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button label="Save the PDF" size="large" why={noPages} onPress={() => void save()} />
        <Button
          label="To the label printer"
          kind="plain"
          size="large"
          why={goesOut ? 'That waits already' : away ? null : noPages}
          onPress={() => dispatch(labelsPrinted(labelled))}
        />
      </View>
      {several ? (
        <View className="gap-3">
          <Text variant="smallStrong">{pages.length === 1 ? 'The page' : `All ${pages.length} pages`}</Text>
          {pages.map((page, index) => (
            <LabelPreview
              key={index}
              page={page}
              label={`Page ${index + 1} of ${pages.length}, as it is printed`}
              most_px={page.cells[0]!.width > page.width - 1 ? 360 : 620}
            />
          ))}
        </View>
      ) : null}
    </Sheet>
  );
}

interface StartAtProps {
  readonly columns: number;
  readonly rows: number;
  readonly start: number;
  readonly onChange: (start: number) => void;
}

/** The sheet from above: the first label that is still there is touched. */
function StartAt({ columns, rows, start, onChange }: StartAtProps) {
  return (
    <View className="gap-1">
      <Text variant="smallStrong">The first label that is still on the sheet</Text>
      <View role="radiogroup" aria-label="The first label that is still on the sheet" className="gap-1 self-start">
        {Array.from({ length: rows }, (_row, row) => (
          <View key={row} className="flex-row gap-1">
            {Array.from({ length: columns }, (_column, column) => {
              const number = row * columns + column + 1;
              const used = number < start;
              return (
                <Pressable
                  key={number}
                  role="radio"
                  aria-checked={number === start}
                  aria-label={`Label ${number}`}
                  onPress={() => onChange(number)}
                  className={`h-[32px] w-[56px] items-center justify-center rounded-[4px] border ${number === start ? 'border-teal bg-teal' : used ? 'border-line bg-line' : 'border-line bg-sheet'}`}
                >
                  <Text variant="small" className={number === start ? 'text-onteal' : ''}>
                    {number}
                  </Text>
                </Pressable>
              );
            })}
          </View>
        ))}
      </View>
    </View>
  );
}
