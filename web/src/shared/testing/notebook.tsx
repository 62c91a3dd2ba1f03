import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, render, type RenderResult } from '@testing-library/react';
import { Suspense, useEffect, useState, type ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import type { CommandEntry } from '../api';
import { device, Outbox, OutboxContext } from '../record';

/** What a component test says the server answers, by method and path; anything else is away. */
export type Answers = Record<string, (body: unknown) => Response>;

/**
 * Stands in for the server. Call it in vi.hoisted: the client takes hold of fetch when it is first imported. Of every request that has a
 * body the body is kept.
 */
export interface StandIn {
  answers: Answers;
  bodies: CommandEntry[];
}

export const told = (raw: string | null) => ({ raw, shown: raw ?? 'blank' });

export const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': status < 400 ? 'application/json' : 'application/problem+json' },
  });

export const done = (body: unknown): Response => json({ command: (body as CommandEntry).id, outcome: 'done', parts: [], questions: [] });

export const problem = (status: number, more: object = {}): Response =>
  json({ type: 'about:blank', status, code: 'x', title: 'No.', ...more }, status);

const queries = () => new QueryClient({ defaultOptions: { queries: { retry: false } } });

function Signed({ account, client, children }: { account: string; client: QueryClient; children: ReactNode }) {
  const [outbox] = useState(
    () =>
      new Outbox(
        account,
        () => client.invalidateQueries(),
        async () => undefined,
      ),
  );
  useEffect(() => outbox.open(), [outbox]);
  return <OutboxContext value={outbox}>{children}</OutboxContext>;
}

/** Shows something as whoever is signed in sees it, once the device has been read. */
export async function show(what: ReactNode, account = 'me') {
  const client = queries();
  const within = (content: ReactNode) => (
    <QueryClientProvider client={client}>
      <MemoryRouter>
        <Signed account={account} client={client}>
          <Suspense fallback="Reading this device">{content}</Suspense>
        </Signed>
      </MemoryRouter>
    </QueryClientProvider>
  );
  let shown!: RenderResult;
  await act(async () => {
    shown = render(within(what));
  });
  return { ...shown, showAgain: (next: ReactNode) => shown.rerender(within(next)) };
}

/** Between tests: nothing is left on the screen or on the device. */
export async function putAway(): Promise<void> {
  cleanup();
  await Promise.all([device.fields.clear(), device.drafts.clear(), device.outbox.clear()]);
}
