import { useId, type Ref } from 'react';
import { TextInput, View, type TextInputProps } from 'react-native';
import { Text } from './text';

interface FieldProps extends Omit<TextInputProps, 'style' | 'className'> {
  readonly label: string;
  readonly error?: string | undefined;
  readonly help?: string;
  readonly inputRef?: Ref<TextInput>;
}

/** A labelled line of text, with what is wrong with it underneath. */
export function Field({ label, error, help, inputRef, ...input }: FieldProps) {
  const id = useId();
  const note = error ?? help;
  return (
    <View className="gap-1">
      <Text variant="smallStrong">{label}</Text>
      <TextInput
        ref={inputRef}
        aria-label={label}
        aria-describedby={note ? `${id}-note` : undefined}
        aria-invalid={error !== undefined}
        className={`min-h-[48px] rounded-[10px] border bg-sheet px-3 font-body text-16 text-ink ${error ? 'border-heat' : 'border-line'}`}
        // Enter leaves the keys where they are; they would fall to the page.
        blurOnSubmit={false}
        {...input}
      />
      {note ? (
        <Text
          variant="small"
          nativeID={`${id}-note`}
          className={error ? 'text-heat' : ''}
          role={error ? 'alert' : undefined}
        >
          {note}
        </Text>
      ) : null}
    </View>
  );
}
