import type { components } from './schema.generated';

export type Schemas = components['schemas'];
export type Units = 'METRIC' | 'INCH';
export type Texts = Record<string, string>;
export type PlanAnswer = Schemas['PlanAnswer'];
export type FieldState = Schemas['FieldState'];
export type Finding = Schemas['Finding'];
export type Scene = Schemas['Scene'];
export type CutRecord = Schemas['CutRecord'];
export type ToolRecord = Schemas['ToolRecord'];
export type LatheRecord = Schemas['LatheRecord'];
export type TrialRecord = Schemas['TrialRecord'];
export type GrindRecord = Schemas['GrindRecord'];
export type TrialAnswer = Schemas['TrialAnswer'];
export type Choices = Schemas['Choices'];
export type Choice = Schemas['Choice'];
export type WhichAnswer = Schemas['WhichAnswer'];
export type Imported = Schemas['Imported'];
export type BarAnswer = Schemas['Answer'];
export type HeightAnswer = Schemas['HeightAnswer'];
export type BladeLife = Schemas['LifeAnswer'];
export type PushReadings = Schemas['PushReadings'];
export type TapRecording = Schemas['TapRecording'];

/** What the server said when it could not do a thing: a sentence, and sentences by field. */
export class Refused extends Error {
  readonly status: number;
  readonly fields: Texts;

  constructor(status: number, sentence: string, fields: Texts) {
    super(sentence);
    this.status = status;
    this.fields = fields;
  }
}

const AWAY =
  'The program does not answer. What you typed is kept on this page; start it again with ./bw demo or ./bw run.';

async function call(path: string, init: RequestInit): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(path, init);
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error;
    throw new Refused(0, AWAY, {});
  }
  if (response.ok) return response;
  let sentence = `The program refused this (${response.status}). What you typed is kept.`;
  let fields: Texts = {};
  try {
    const problem = (await response.json()) as { sentence?: string; fields?: Texts };
    sentence = problem.sentence ?? sentence;
    fields = problem.fields ?? {};
  } catch {
    // Not our own problem form: the plain sentence stands.
  }
  throw new Refused(response.status, sentence, fields);
}

export async function get<T>(path: string): Promise<T> {
  return (await (await call(path, {})).json()) as T;
}

export async function send<T>(
  method: 'POST' | 'PUT' | 'DELETE',
  path: string,
  body?: unknown,
  signal?: AbortSignal,
): Promise<T> {
  const response = await call(path, {
    method,
    headers: { 'Content-Type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
    signal,
  });
  const text = await response.text();
  return (text ? JSON.parse(text) : undefined) as T;
}

/** Sends a file as it is. */
export async function sendFile<T>(path: string, file: Blob, type: string): Promise<T> {
  const response = await call(path, { method: 'POST', headers: { 'Content-Type': type }, body: file });
  return (await response.json()) as T;
}

/** Asks for a file and hands it to the browser to keep. */
export async function download(path: string, name: string, body?: unknown): Promise<void> {
  const response = await call(
    path,
    body === undefined
      ? {}
      : { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) },
  );
  const url = URL.createObjectURL(await response.blob());
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** The sentence of whatever went wrong. */
export function sentenceOf(error: unknown): string {
  return error instanceof Error ? error.message : 'Something went wrong. What you typed is kept.';
}
