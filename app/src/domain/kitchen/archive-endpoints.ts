import type { ArchiveMode, ArchiveOutcome, ArchiveUndo } from '@wellhydra/contract';
import { NOT_SEEN_LATER, api } from '../../state/api';

interface Arriving {
  readonly file: Blob;
  readonly mode: ArchiveMode;
}

const arriving = ({ file, mode }: Arriving, params: object) => ({
  url: '/kitchen/archive',
  method: 'POST',
  params: { mode, ...params },
  headers: { 'content-type': 'application/x-ndjson' },
  body: file,
});

/** The whole kitchen as one file, out and in again. */
export const archiveApi = api.injectEndpoints({
  endpoints: (build) => ({
    tryArchive: build.mutation<ArchiveOutcome, Arriving>({ query: (each) => arriving(each, { try: true }) }),
    takeArchive: build.mutation<ArchiveOutcome, Arriving>({ query: (each) => arriving(each, {}) }),
    getArchiveUndo: build.query<ArchiveUndo, void>({
      extraOptions: NOT_SEEN_LATER,
      query: () => '/kitchen/archive/undo',
      providesTags: ['Kitchen'],
    }),
    takeBackArchive: build.mutation<ArchiveUndo, void>({
      query: () => ({ url: '/kitchen/archive/undo', method: 'POST' }),
    }),
  }),
});

export const { useTryArchiveMutation, useTakeArchiveMutation, useGetArchiveUndoQuery, useTakeBackArchiveMutation } =
  archiveApi;
