import type { RefObject } from 'react';
import { TextInput } from 'react-native';

interface SearchDrinksProps {
  readonly box: RefObject<TextInput | null>;
  readonly search: string;
  readonly onSearch: (search: string) => void;
  readonly className: string;
}

/** Where drinks are searched, on their list and beside one of them. */
export function SearchDrinks({ box, search, onSearch, className }: SearchDrinksProps) {
  return (
    <TextInput
      ref={box}
      aria-label="Search drinks"
      placeholder="Name, kind or ingredient"
      placeholderTextColor="#5B706F"
      value={search}
      blurOnSubmit={false}
      onChangeText={onSearch}
      className={`w-full rounded-[12px] border border-line bg-sheet px-3 font-body text-ink ${className}`}
    />
  );
}
