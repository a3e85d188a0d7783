/** One step of the schema; its statements run in one transaction. */
export interface Migration {
  readonly name: string;
  readonly sql: string;
}
