import './patience';
import '../src/domain/senders';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { NoticeBar } from '../src/features/shell/notice-bar';
import { createStore, type Store } from '../src/domain/store';

/** Answers to requests, by method and address; a number is a status without a body. */
export type Answers = Record<string, unknown>;

export interface Sent {
  readonly key: string;
  readonly body: unknown;
}

class Answer {
  constructor(
    readonly status: number,
    private readonly body: unknown,
  ) {}
  readonly ok = true;
  readonly headers = { get: () => 'application/json' };
  text = async () => (this.body === undefined ? '' : JSON.stringify(this.body));
  json = async () => this.body;
  clone = () => this;
}

class Request_ {
  constructor(
    readonly url: string,
    readonly init: { body?: string; method?: string } = {},
  ) {}
  clone = () => this;
}

/** Puts a kitchen behind fetch; what is not answered is a dead network. */
export function fakeKitchen(answers: Answers): Sent[] {
  const sent: Sent[] = [];
  Object.assign(globalThis, { Request: Request_, Response: Answer });
  globalThis.fetch = (async ({ url, init }: Request_) => {
    const key = `${init.method ?? 'GET'} ${url.replace(/^.*\/api/, '')}`;
    sent.push({ key, body: init.body === undefined ? undefined : JSON.parse(init.body) });
    const answer = typeof answers[key] === 'function' ? await (answers[key] as () => unknown)() : answers[key];
    if (answer === undefined) throw new TypeError(`no network for ${key}`);
    if (typeof answer === 'number')
      return new Answer(answer, answer >= 400 ? { code: 'unexpected', message: 'It failed' } : undefined);
    const { status = 200, ...body } = answer as { status?: number };
    return new Answer(status, body);
  }) as never;
  return sent;
}

/** Draws a screen with a store of its own. */
export function renderScreen(screen: ReactNode, store: Store = createStore()) {
  render(
    <Provider store={store}>
      {screen}
      <NoticeBar />
    </Provider>,
  );
  return store;
}
