import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { vi } from 'vitest';

/** What was asked of the program. */
export interface Asked {
  method: string;
  path: string;
  body: unknown;
}

type Answer = { status?: number; json: unknown };

/**
 * A program that gives these answers by method and path, one after the other and the last one again; what is not among them is
 * answered with an empty list. Returns what was asked of it.
 */
export function program(answers: Record<string, Answer[]>): Asked[] {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname;
    const text = await request.text();
    asked.push({ method: request.method, path, body: text === '' ? undefined : JSON.parse(text) });
    const left = answers[`${request.method} ${path}`];
    const answer = (left && left.length > 1 ? left.shift() : left?.[0]) ?? { json: [] };
    return new Response(JSON.stringify(answer.json), { status: answer.status ?? 200 });
  });
  return asked;
}

/** A part that reads what the shop keeps, with a cache of its own and no second try. */
export function Reading({ children }: { children: ReactNode }) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false }, mutations: { retry: false } } });
  return <QueryClientProvider client={queries}>{children}</QueryClientProvider>;
}
