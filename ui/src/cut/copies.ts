import type { QueryClient } from '@tanstack/react-query';
import { api, given, sentenceOf, type ToolRecord } from '../api/client';
import { readAgain } from '../api/readAgain';
import { notice } from '../frame/notices';
import { forget, forgetLast } from './draft';

/** A copy of a kept cut under a name of its own; its id. */
export async function copyCut(id: string, queries: QueryClient): Promise<string | undefined> {
  try {
    const { name, units, fields } = await given(api.GET('/api/cuts/{id}', { params: { path: { id } } }));
    const copy = { id: crypto.randomUUID(), version: 1, name: copied(name), units, fields };
    await given(api.POST('/api/cuts', { body: copy }));
    await readAgain(queries, { queryKey: ['cuts'] });
    notice(`“${copy.name}” is kept.`);
    return copy.id;
  } catch (error) {
    notice(sentenceOf(error));
    return undefined;
  }
}

/** Takes a cut out of the list; undone, it comes back under its own id. Trials that were kept of it stay with their tools. */
export async function deleteCut(id: string, queries: QueryClient): Promise<boolean> {
  try {
    const record = await given(api.GET('/api/cuts/{id}', { params: { path: { id } } }));
    await given(api.DELETE('/api/cuts/{id}', { params: { path: { id }, query: { version: record.version } } }));
    forget(id);
    forgetLast(id);
    await readAgain(queries, { queryKey: ['cuts'] });
    notice(`“${record.name}” is deleted.`, {
      words: 'Undo',
      does: () =>
        void back(`“${record.name}” is back.`, queries, 'cuts', () =>
          given(api.POST('/api/cuts', { body: { ...record, version: 1 } })),
        ),
    });
    return true;
  } catch (error) {
    notice(sentenceOf(error));
    return false;
  }
}

/** A copy of a tool without its log; its id. */
export async function copyTool(tool: ToolRecord, queries: QueryClient): Promise<string | undefined> {
  try {
    const { drawer, note, kind, units, fields } = tool;
    const copy = { id: crypto.randomUUID(), version: 1, name: copied(tool.name), drawer, note, kind, units, fields };
    await given(api.POST('/api/crib/tools', { body: copy }));
    await readAgain(queries, { queryKey: ['tools'] });
    notice(`“${copy.name}” is in the crib; grinds and trials stay with the first one.`);
    return copy.id;
  } catch (error) {
    notice(sentenceOf(error));
    return undefined;
  }
}

/** Takes a tool out of the crib with its log; undone, all of it comes back from the tool's own file. */
export async function deleteTool(tool: ToolRecord, queries: QueryClient): Promise<boolean> {
  try {
    const file = await given(api.GET('/api/exchange/tools/{id}.json', { params: { path: { id: tool.id } } }));
    await given(
      api.DELETE('/api/crib/tools/{id}', { params: { path: { id: tool.id }, query: { version: tool.version } } }),
    );
    await readAgain(queries, { queryKey: ['tools'] });
    notice(`“${tool.name}” is out of the crib, with its log.`, {
      words: 'Undo',
      does: () =>
        void back(`“${tool.name}” is back, with its log.`, queries, 'tools', () =>
          given(api.POST('/api/exchange/shop', { body: file })),
        ),
    });
    return true;
  } catch (error) {
    notice(sentenceOf(error));
    return false;
  }
}

async function back(said: string, queries: QueryClient, list: string, bring: () => Promise<unknown>): Promise<void> {
  try {
    await bring();
    await readAgain(queries, { queryKey: [list] });
    notice(said);
  } catch (error) {
    notice(sentenceOf(error));
  }
}

/** "Pin" becomes "Pin, copy"; a long name loses its end first. */
const copied = (name: string) => `${name.slice(0, 110)}, copy`;
