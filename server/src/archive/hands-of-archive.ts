import { randomUUID } from 'node:crypto';
import { QueryTypes, type Transaction } from 'sequelize';
import type { ArchiveContext } from './write-archive';

interface Named {
  readonly id: string;
  readonly name: string;
}

/**
 * Who the hands of an archive are here: members of the kitchen by their names, and somebody who is named and cannot
 * sign in for all others. Each is taken once, so that two of the same name stay two.
 */
export class HandsOfArchive {
  private readonly accounts: string[] = [];

  private constructor(
    private readonly context: ArchiveContext,
    private readonly kitchenId: string,
    private readonly free: Named[],
    private readonly transaction: Transaction,
  ) {}

  static async of(context: ArchiveContext, kitchenId: string, transaction: Transaction): Promise<HandsOfArchive> {
    const free = await context.sequelize.query<Named>(
      `SELECT a.id, a.name FROM accounts a LEFT JOIN members m ON m.account_id = a.id AND m.kitchen_id = :kitchenId
       WHERE m.account_id IS NOT NULL OR a.hand_of = :kitchenId ORDER BY m.joined_at NULLS LAST, a.id`,
      { replacements: { kitchenId }, type: QueryTypes.SELECT, transaction },
    );
    return new HandsOfArchive(context, kitchenId, [...free], transaction);
  }

  /** Takes on the next hand. */
  async take(name: string): Promise<void> {
    const at = this.free.findIndex((each) => each.name === name);
    const [known] = at >= 0 ? this.free.splice(at, 1) : [];
    const id = known?.id ?? randomUUID();
    if (!known)
      await this.context.models.accounts.create(
        { id, name, handOf: this.kitchenId },
        { transaction: this.transaction },
      );
    this.accounts.push(id);
  }

  /** The account of a hand by its number. */
  accountOf(hand: number): string {
    const account = this.accounts[hand - 1];
    if (account === undefined) throw new RangeError(`accountOf: hand has to be one that was taken, is ${hand}`);
    return account;
  }
}
