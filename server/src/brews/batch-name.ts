/** Letters of a drink's name that open its batch numbers: "Fogbank elderberry" is FE. */
export function batchInitials(drinkName: string): string {
  const words = drinkName
    .normalize('NFD')
    .replace(/\p{Mark}/gu, '')
    .replace(/[^A-Za-z ]/g, ' ')
    .split(' ')
    .filter(Boolean);
  const initials =
    words.length > 1 ? words.slice(0, 2).map((word) => word[0]) : (words[0] ?? 'X').slice(0, 2).split('');
  return initials.join('').toUpperCase();
}

/** A batch number: initials, and the count of brews made in this kitchen. */
export function batchName(drinkName: string, count: number): string {
  return `${batchInitials(drinkName)}-${String(count).padStart(2, '0')}`;
}
