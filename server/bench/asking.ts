import { fork, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';

/** Servers that are started to be asked, and how long their answers take. */

const LATENCIES = 150;
export const ROUNDS = 5;
const ROUND_ms = 3000;
export const CLIENTS = 8;
export const print = (line: string) => void process.stdout.write(`${line}\n`);
export const median = (all: readonly number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)]!;

export const children: ChildProcess[] = [];
export async function start(
  file: string,
  args: readonly string[],
  env: Readonly<Record<string, string>>,
): Promise<string> {
  const child = fork(file, args, { env: { ...process.env, ...env }, stdio: ['ignore', 'ignore', 'inherit', 'ipc'] });
  children.push(child);
  const [{ port }] = (await once(child, 'message')) as [{ port: number }];
  return `http://127.0.0.1:${port}`;
}

export type Ask = (client: number) => Promise<Response>;
export async function ask(work: Ask, client = 0): Promise<void> {
  const answer = await work(client);
  const text = await answer.text();
  if (!answer.ok) throw new Error(`${answer.url}: ${answer.status} ${text.slice(0, 300)}`);
}
/** Requests one after the other, ms each. */
export async function latency(work: Ask, times = LATENCIES): Promise<number> {
  const all: number[] = [];
  for (let index = 0; index < times; index += 1) {
    const began = performance.now();
    await ask(work);
    all.push(performance.now() - began);
  }
  return median(all);
}
/** Requests that are answered in a second while eight clients ask. */
export async function throughput(work: Ask): Promise<number> {
  const until = performance.now() + ROUND_ms;
  let done = 0;
  await Promise.all(
    Array.from({ length: CLIENTS }, async (_any, client) => {
      while (performance.now() < until) {
        await ask(work, client);
        done += 1;
      }
    }),
  );
  return (done * 1000) / ROUND_ms;
}

/** The peer packs nothing, so nobody asks for it. */
export const PLAIN = { 'accept-encoding': 'identity' };
export const json = (body: object, cookie = '') => ({
  body: JSON.stringify(body),
  headers: { ...PLAIN, 'content-type': 'application/json', ...(cookie ? { cookie } : {}) },
});
