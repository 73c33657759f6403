import createClient from 'openapi-fetch';
import { notice } from '../frame/notices';
import { storeOwner } from '../frame/ownStore';
import { keep, kept } from '../offline/kept';
import type { components, paths } from './schema.generated';

export type Schemas = components['schemas'];
export type Units = 'METRIC' | 'INCH';
export type Texts = Record<string, string>;
export type PlanAnswer = Schemas['PlanAnswer'];
export type FieldState = Schemas['FieldState'];
export type Finding = Schemas['Finding'];
export type Scene = Schemas['Scene'];
export type ListedCut = Schemas['ListedCut'];
export type CutRecord = Schemas['CutRecord'];
export type ToolRecord = Schemas['ToolRecord'];
export type LatheRecord = Schemas['LatheRecord'];
export type TrialRecord = Schemas['TrialRecord'];
export type Lesson = Schemas['Lesson'];
export type PairedTrials = Schemas['PairedTrials'];
export type GrindRecord = Schemas['GrindRecord'];
export type TrialAnswer = Schemas['TrialAnswer'];
export type Choices = Schemas['Choices'];
export type Choice = Schemas['Choice'];
export type WhichAnswer = Schemas['WhichAnswer'];
export type Imported = Schemas['Imported'];
export type Family = Schemas['FamilyDescription'];
export type ToolKind = Schemas['Kind'];
export type CutPageParts = Schemas['CutPage'];
export type Panel = Schemas['StationPage']['panels'][number];
export type BarAnswer = Schemas['Answer'];
export type HeightAnswer = Schemas['HeightAnswer'];
export type BladeLife = Schemas['LifeAnswer'];
export type PushReadings = Schemas['PushReadings'];
export type TapRecording = Schemas['TapRecording'];
export type Photo = Schemas['PhotoCard'];
export type ToolPage = Schemas['ToolPage'];
export type Me = Schemas['Me'];
export type Person = Schemas['Person'];
export type SecretOfFactor = Schemas['Begun'];
export type Pairing = Schemas['Pairing'];

/** What the server said when it could not do a thing: a sentence, and sentences by field. */
export class Refused extends Error {
  readonly status: number;
  readonly fields: Texts;
  /** Which kind of refusal it is, whatever its words. */
  readonly code: string;
  /** Whether the program was not there, or not itself: the same may be asked again. */
  readonly away: boolean;

  constructor(status: number, sentence: string, fields: Texts, code = '') {
    super(sentence);
    this.status = status;
    this.fields = fields;
    this.code = code;
    this.away = status === 0 || (status >= 500 && code === '') || status === 502 || status === 503 || status === 504;
  }
}

/** Whoever works at another machine of the shop cannot start it. */
const away = () =>
  storeOwner()
    ? 'The shop’s program does not answer. What you typed is kept on this page; it asks again by itself. If that lasts, tell whoever looks after the machine that it runs on.'
    : 'The program does not answer. What you typed is kept on this page; start it again with ./bw demo or ./bw run.';

const NOT_OURS =
  'Something else than Bold Wedge answered at its address. What you typed is kept on this page; it asks again by itself.';

/** Told when the program says that nobody is signed in any more: the way in opens over what is on the page. */
export const SIGNED_OUT = 'bw-signed-out';

/** What the program gave this page to show that a change comes from it; there is none where nobody signs in. */
function pageToken(): Record<string, string> {
  const token = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1];
  return token ? { 'X-XSRF-TOKEN': decodeURIComponent(token) } : {};
}

async function call(asked: Request): Promise<Response> {
  let response: Response;
  try {
    if (asked.method !== 'GET') {
      for (const [name, value] of Object.entries(pageToken())) asked.headers.set(name, value);
      // Saved as the person whose name stands on this page, or not at all.
      if (storeOwner()) asked.headers.set('Bold-Wedge-As', encodeURIComponent(storeOwner()));
    }
    response = await fetch(asked);
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error;
    const before = await kept(asked);
    if (before) return before;
    throw new Refused(0, away(), {});
  }
  keep(asked, response);
  if (response.ok) return response;
  let sentence =
    response.status >= 500
      ? `Something went wrong on the way (${response.status}). What you typed is kept.`
      : `The program refused this (${response.status}). What you typed is kept.`;
  let fields: Texts = {};
  let code = '';
  try {
    const problem = (await response.json()) as { sentence?: string; fields?: Texts; code?: string };
    sentence = problem.sentence ?? sentence;
    fields = problem.fields ?? {};
    code = problem.code ?? '';
  } catch {
    // Not our own problem form: the plain sentence stands.
  }
  if (code === 'sign-in-first' || code === 'another-person') window.dispatchEvent(new Event(SIGNED_OUT));
  throw new Refused(response.status, sentence, fields, code);
}

/** The program's API: path, what is sent and what comes back are tied to each other by its own description. */
export const api = createClient<paths>({ fetch: (request) => call(request) });

/** What came with an answer; a refusal is thrown as `Refused` before there is one. */
export async function given<T>(asked: Promise<{ data?: T }>): Promise<T> {
  return (await asked).data as T;
}

/** Asks for a plan; says besides whether it rests on records as they were read last, because the database is away. */
export async function ask(body: Schemas['PlanQuestion']): Promise<[PlanAnswer, boolean]> {
  try {
    const { data, response } = await api.POST('/api/plan', { body });
    return [data as PlanAnswer, response.headers.get('Bold-Wedge-Records') === 'away'];
  } catch (error) {
    throw error instanceof SyntaxError ? new Refused(0, NOT_OURS, {}) : error;
  }
}

/** The solid of what is made, as STL. */
export async function solidOf(question: { fields: Texts; units: Units }): Promise<string> {
  return given(api.POST('/api/plan/solid', { body: question, parseAs: 'text' }));
}

/** Tries every tool of the crib on a cut; it takes a while and comes in lines: how far it is, and at last what it found. */
export async function which(
  body: Schemas['WhichQuestion'],
  signal: AbortSignal,
  follow: (progress: Schemas['WhichProgress']) => void,
): Promise<WhichAnswer[]> {
  const { response } = await api.POST('/api/crib/which', {
    body,
    signal,
    headers: { Accept: 'application/x-ndjson' },
    parseAs: 'stream',
  });
  if (!response.body) throw new Refused(0, away(), {});
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
  let text = '';
  let last: WhichAnswer[] | undefined;
  for (;;) {
    const { done, value } = await reader.read();
    const lines = (text + (value ?? '')).split('\n');
    text = lines.pop() ?? '';
    for (const line of lines) {
      const said = JSON.parse(line) as unknown;
      if (Array.isArray(said)) last = said as WhichAnswer[];
      else follow(said as Schemas['WhichProgress']);
    }
    if (done) break;
  }
  if (last === undefined) throw new Refused(0, away(), {});
  return last;
}

/** Sends a file as it is. */
export async function sendFile<T>(path: string, file: Blob, type: string): Promise<T> {
  const response = await call(new Request(path, { method: 'POST', headers: { 'Content-Type': type }, body: file }));
  return (await response.json()) as T;
}

/** Asks for a file and hands it to the browser to keep; says so when it cannot be had. */
export async function download(path: string, name: string, body?: unknown): Promise<void> {
  try {
    const response = await call(
      new Request(
        path,
        body === undefined
          ? {}
          : { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) },
      ),
    );
    const url = URL.createObjectURL(await response.blob());
    const link = document.createElement('a');
    link.href = url;
    link.download = name;
    link.click();
    URL.revokeObjectURL(url);
  } catch (error) {
    notice(`${name} could not be had. ${sentenceOf(error)}`);
  }
}

/** The sentence of whatever went wrong. */
export function sentenceOf(error: unknown): string {
  return error instanceof Error ? error.message : 'Something went wrong. What you typed is kept.';
}
