import type { ActionReducerMapBuilder } from '@reduxjs/toolkit';
import { ownerEntered, ownerLeft, rowsWrittenElsewhere } from './owner';
import type { Shelf } from './row';

/**
 * A slice that is one row on a shelf of this device: it comes with its owner and goes with them, and follows what
 * another tab writes.
 *
 * @param shelf that keeps it
 * @param nothing the row where none is kept, with its id
 */
export const keptRow =
  <Row extends { readonly id: string }>(shelf: Shelf, nothing: Row) =>
  (builder: ActionReducerMapBuilder<Row>): void => {
    const among = (rows: readonly { readonly id: string }[]) =>
      rows.find(({ id }) => id === nothing.id) as Row | undefined;
    builder
      .addCase(ownerEntered, (_state, { payload: { rows } }) => among(rows[shelf]) ?? nothing)
      .addCase(ownerLeft, () => nothing)
      .addCase(rowsWrittenElsewhere, (state, { payload }) =>
        payload.shelf === shelf ? (among(payload.rows) ?? state) : state,
      );
  };
