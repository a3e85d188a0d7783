import type { LotRecord } from '@wellhydra/contract';
import { CATALOGUE } from '@wellhydra/core/catalogue';

const names = new Map(CATALOGUE.map(({ id, name }) => [id, name]));

/** What an ingredient is called; one that is not in the catalogue as its lot is. */
export const ingredientName = (id: string, lots: readonly LotRecord[] = []): string =>
  names.get(id) ?? lots.find(({ ingredient }) => ingredient === id)?.name ?? id;
