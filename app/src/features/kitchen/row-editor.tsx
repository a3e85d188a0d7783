import Plus from 'lucide-react-native/icons/plus';
import Trash from 'lucide-react-native/icons/trash';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { IconButton } from '../../ui/icon-button';

interface Named {
  readonly name: string;
}

interface RowEditorProps<Row extends Named> {
  readonly what: string;
  readonly rows: readonly Row[];
  readonly make: () => Row;
  readonly onChange: (rows: readonly Row[]) => void;
  /** Everything of a row but its name. */
  readonly fields: (row: Row, change: (by: Partial<Row>) => void) => ReactNode;
}

/** A list of things of one kind: named, described, added and taken away. */
export function RowEditor<Row extends Named>({ what, rows, make, onChange, fields }: RowEditorProps<Row>) {
  const replace = (index: number, by: Partial<Row>) =>
    onChange(rows.map((row, place) => (place === index ? { ...row, ...by } : row)));
  const taken = (index: number) =>
    rows.some(
      ({ name }, place) => place !== index && name.trim().toLowerCase() === rows[index]!.name.trim().toLowerCase(),
    );
  return (
    <View className="gap-3">
      <View role="list" aria-label={what} className="gap-3">
        {rows.map((row, index) => (
          <View role="listitem" key={index} className="gap-2 rounded-[12px] border border-line bg-sheet p-3">
            <View className="flex-row items-end gap-2">
              <View className="flex-1">
                <Field
                  label={`${what} ${index + 1}`}
                  value={row.name}
                  onChangeText={(name) => replace(index, { name } as Partial<Row>)}
                  error={
                    row.name.trim() === ''
                      ? 'It needs a name.'
                      : taken(index)
                        ? 'Another one has this name.'
                        : undefined
                  }
                />
              </View>
              <IconButton
                icon={Trash}
                label={`Remove ${row.name || what}`}
                onPress={() => onChange(rows.filter((_each, place) => place !== index))}
              />
            </View>
            {fields(row, (by) => replace(index, by))}
          </View>
        ))}
      </View>
      <Button
        label={`Another ${what.toLowerCase()}`}
        kind="plain"
        icon={Plus}
        className="self-start"
        onPress={() => onChange([...rows, make()])}
      />
    </View>
  );
}
