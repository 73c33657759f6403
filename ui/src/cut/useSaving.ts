import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useRef, useState } from 'react';
import { api, type CutRecord, given, Refused, sentenceOf } from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { readAgain } from '../api/readAgain';
import { type Draft, forget, fromRecord, type History, started, store } from './draft';

type Change = (change: (old: History) => History) => void;

export interface Saving {
  save: () => void;
  /** What came of it, in a sentence. */
  said: string;
  say: (sentence: string) => void;
  /** Which part was refused. */
  refused: string;
  /** What somebody else has saved meanwhile. */
  theirs: CutRecord | undefined;
  takeTheirs: () => void;
  keepMine: () => void;
}

/** Saves the cut as it stands when asked. What is typed while it is on its way stays unsaved and says so. */
export function useSaving(latest: { readonly now: Draft }, change: Change, onKept: (id: string) => void): Saving {
  const queries = useQueryClient();
  const [said, say] = useState('');
  const [refused, setRefused] = useState('');
  const [theirs, setTheirs] = useState<CutRecord>();
  const newCut = useNewRecord();
  const onWay = useRef(false);

  const saveOnce = useCallback(async () => {
    const sent = latest.now;
    const body = { version: sent.version, name: sent.name, units: sent.units, fields: sent.fields };
    try {
      const kept =
        sent.id === 'new'
          ? await given(api.POST('/api/cuts', { body: newCut(body) }))
          : await given(api.PUT('/api/cuts/{id}', { params: { path: { id: sent.id } }, body }));
      setTheirs(undefined);
      setRefused('');
      void readAgain(queries, { queryKey: ['cuts'] });
      change((old) => {
        const typedOn = old.now.fields !== sent.fields || old.now.name !== sent.name || old.now.units !== sent.units;
        return { ...old, now: { ...old.now, id: kept.id, version: kept.version, changed: typedOn } };
      });
      say('Saved.');
      if (sent.id === 'new') {
        // What was typed meanwhile stands under the new id before it goes from the old one.
        store(latest.now);
        forget('new');
        onKept(kept.id);
      }
    } catch (error) {
      say(sentenceOf(error));
      setRefused(error instanceof Refused && error.fields.name ? 'name' : '');
      if (error instanceof Refused && error.status === 409) {
        setTheirs(await given(api.GET('/api/cuts/{id}', { params: { path: { id: sent.id } } })).catch(() => undefined));
      }
    }
  }, [change, latest, newCut, onKept, queries]);

  const save = useCallback(() => {
    // A second click while the first is on its way is the same save.
    if (onWay.current) return;
    onWay.current = true;
    void saveOnce().finally(() => {
      onWay.current = false;
    });
  }, [saveOnce]);

  const takeTheirs = useCallback(() => {
    if (!theirs) return;
    change((old) => ({ ...started(fromRecord(theirs)), before: [...old.before, old.now] }));
    setTheirs(undefined);
    say('This is theirs. Undo brings yours back.');
  }, [change, theirs]);

  const keepMine = useCallback(() => {
    if (!theirs) return;
    change((old) => ({ ...old, now: { ...old.now, version: theirs.version } }));
    setTheirs(undefined);
    say('Save again to put yours in place of theirs.');
  }, [change, theirs]);

  return useMemo(
    () => ({ save, said, say, refused, theirs, takeTheirs, keepMine }),
    [save, said, refused, theirs, takeTheirs, keepMine],
  );
}
