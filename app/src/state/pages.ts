import type {
  BaseQueryFn,
  FetchArgs,
  FetchBaseQueryError,
  FetchBaseQueryMeta,
  QueryReturnValue,
} from '@reduxjs/toolkit/query';

/** A list that comes in pages. */
type Page<Name extends string, Row> = { readonly [N in Name]: readonly Row[] } & { readonly next: string | null };
export type Ask = (
  args: string | FetchArgs,
) => ReturnType<BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError>>;

/** Pages after the first are as long as the server gives them. */
const REST = 500;

/** Address of a page: the first is the list itself. */
export const pageAddress = (url: string, cursor: string | undefined): string =>
  cursor === undefined ? url : `${url}?limit=${REST}&cursor=${encodeURIComponent(cursor)}`;

/**
 * Asks for a list page by page until it is whole.
 *
 * @param url of the list
 * @param name of its rows
 * @param ask sends one request
 */
export async function everyPage<Name extends string, Row>(
  url: string,
  name: Name,
  ask: Ask,
): Promise<
  QueryReturnValue<{ readonly [N in Name]: readonly Row[] }, FetchBaseQueryError, FetchBaseQueryMeta | undefined>
> {
  const rows: Row[] = [];
  let cursor: string | undefined;
  do {
    const { data, error } = await ask(pageAddress(url, cursor));
    if (error) return { error };
    const page = data as Page<Name, Row>;
    rows.push(...page[name]);
    cursor = page.next ?? undefined;
  } while (cursor !== undefined);
  return { data: { [name]: rows } as unknown as { readonly [N in Name]: readonly Row[] } };
}
