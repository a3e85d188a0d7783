import { answerInPlace, askInTurn, newestAnswer, type WorkerFailure } from '../src/domain/workers/worker-client';

const LIMIT_ms = 50;

/** A worker that doubles numbers; it breaks down at a negative one and never comes back from zero. */
class Doubler {
  static opened = 0;
  static ended = 0;
  onmessage: ((event: { data: number }) => void) | null = null;
  onerror: (() => void) | null = null;
  onmessageerror: (() => void) | null = null;
  constructor() {
    Doubler.opened += 1;
  }
  postMessage(number: number): void {
    if (number < 0) setTimeout(() => this.onerror?.());
    else if (number > 0) setTimeout(() => this.onmessage?.({ data: 2 * number }));
  }
  terminate(): void {
    Doubler.ended += 1;
    this.onmessage = null;
  }
}
const open = () => new Doubler() as unknown as Worker;

beforeEach(() => {
  Doubler.opened = 0;
  Doubler.ended = 0;
});

describe('asked in turn', () => {
  test('every question is answered by one worker, in order', async () => {
    const { ask } = askInTurn<number, number>(open, LIMIT_ms);
    expect(await Promise.all([ask(1), ask(2), ask(3)])).toEqual([2, 4, 6]);
    expect(Doubler.opened).toBe(1);
  });
  test.each<[number, WorkerFailure]>([
    [-1, 'failed'],
    [0, 'takes-too-long'],
  ])('asked %d, it is ended, says why, and the next question has a new one', async (bad, why) => {
    const { ask } = askInTurn<number, number>(open, LIMIT_ms);
    const [, wrong, after] = await Promise.allSettled([ask(1), ask(bad), ask(3)]);
    expect(wrong).toMatchObject({ status: 'rejected', reason: { why } });
    expect(after).toEqual({ status: 'fulfilled', value: 6 });
    expect([Doubler.opened, Doubler.ended]).toEqual([2, 1]);
  });
});

describe('only the newest question', () => {
  const heard = () => {
    const all: (number | WorkerFailure)[] = [];
    return { all, hearer: { onAnswer: (n: number) => all.push(n), onFailure: (why: WorkerFailure) => all.push(why) } };
  };
  const settled = () => new Promise((resolve) => setTimeout(resolve, 3 * LIMIT_ms));
  test('what was asked and overtaken is not answered', async () => {
    const { all, hearer } = heard();
    const client = newestAnswer<number, number>(open, hearer, LIMIT_ms);
    for (const number of [1, 2, 3, 4]) client.ask(number);
    await settled();
    expect(all).toEqual([2, 8]);
  });
  test('one without an answer is told, and the newest is answered after it', async () => {
    const { all, hearer } = heard();
    const client = newestAnswer<number, number>(open, hearer, LIMIT_ms);
    client.ask(0);
    client.ask(-1);
    await settled();
    client.ask(5);
    await settled();
    expect(all).toEqual(['takes-too-long', 'failed', 10]);
  });
  test('closed, it hears nothing more', async () => {
    const { all, hearer } = heard();
    const client = newestAnswer<number, number>(open, hearer, LIMIT_ms);
    client.ask(1);
    client.close();
    await settled();
    expect(all).toEqual([]);
  });
  test('without workers it is answered in place', () => {
    const { all, hearer } = heard();
    answerInPlace((n: number) => 2 * n, hearer).ask(4);
    expect(all).toEqual([8]);
  });
});
