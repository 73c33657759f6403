import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useRef, useState } from 'react';
import { api, type CutRecord, given, Refused, sentenceOf } from '../api/client';
import type { Clash } from '../api/merge';
import { useNewRecord } from '../api/newRecord';
import { readAgain } from '../api/readAgain';
import { notice } from '../frame/notices';
import { type Draft, forget, forgetLast, fromRecord, type History, started, store } from './draft';
import { chosen, together } from './together';

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
  /** Entries that both have changed to something else: one is chosen before it can be saved. */
  clashes: Clash[];
  choose: (field: string, text: string) => void;
  /** Somebody else has saved it: what stands here is put together with that. */
  takeIn: (record: CutRecord) => void;
  /** What was taken over from what somebody else saved, and is not told yet. */
  taken: Clash[];
  /** Whether a save is on its way. */
  isOnWay: () => boolean;
  /** Whether it was deleted meanwhile, so that it can only be kept as a new one. */
  gone: boolean;
  saveAsNew: () => Promise<void>;
}

/** Saves the cut as it stands when asked. What is typed while it is on its way stays unsaved and says so. */
export function useSaving(
  latest: { readonly now: Draft },
  change: Change,
  onKept: (id: string) => void,
  onNew: (id: string) => void,
): Saving {
  const queries = useQueryClient();
  const [said, say] = useState('');
  const [refused, setRefused] = useState('');
  const [theirs, setTheirs] = useState<CutRecord>();
  const [clashes, setClashes] = useState<Clash[]>([]);
  const [gone, setGone] = useState(false);
  const [taken, setTaken] = useState<Clash[]>([]);
  const newCut = useNewRecord();
  const onWay = useRef(false);

  const takeIn = useCallback(
    (record: CutRecord) => {
      const both = together(latest.now, record);
      if (!both) {
        // In other units: one of the two whole. Where nothing is typed here there is nothing to choose.
        if (latest.now.changed) setTheirs(record);
        else change((old) => ({ ...started(fromRecord(record)), before: [...old.before, old.now] }));
        say(`${record.savedBy || 'Somebody else'} saved this cut in other units.`);
        return;
      }
      change((old) => ({ ...old, now: both.now, before: [...old.before, old.now], touched: '' }));
      // What was asked before and is still open stays open, with what they have typed by now.
      setClashes((open) => [
        ...open.filter((one) => !both.clashes.some((now) => now.field === one.field)),
        ...both.clashes,
      ]);
      setTaken(both.taken);
      const yours = both.now.changed && both.clashes.length === 0 ? ' Save yours when you have looked.' : '';
      say(`${record.savedBy || 'Somebody else'} saved this cut.${yours}`);
    },
    [change, latest],
  );

  const choose = useCallback(
    (field: string, text: string) => {
      change((old) => ({ ...old, now: chosen(old.now, field, text), before: [...old.before, old.now], touched: '' }));
      setClashes((open) => open.filter((one) => one.field !== field));
    },
    [change],
  );

  const saveOnce = useCallback(
    async (sent: Draft) => {
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
          const there = { name: kept.name, units: kept.units, fields: kept.fields };
          return { ...old, now: { ...old.now, id: kept.id, version: kept.version, kept: there, changed: typedOn } };
        });
        setGone(false);
        setTaken([]);
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
        if (error instanceof Refused && error.code === 'saved-by-another') {
          const record = await given(api.GET('/api/cuts/{id}', { params: { path: { id: sent.id } } })).catch(
            () => undefined,
          );
          if (record) takeIn(record);
        }
        setGone(error instanceof Refused && error.code === 'no-longer-kept');
      }
    },
    [change, latest, newCut, onKept, queries, takeIn],
  );

  const send = useCallback(
    (sent: Draft) => {
      // A second click while the first is on its way is the same save.
      if (onWay.current) return;
      onWay.current = true;
      void saveOnce(sent).finally(() => {
        onWay.current = false;
      });
    },
    [saveOnce],
  );

  const save = useCallback(() => {
    if (clashes.length > 0) say('Choose first, above, where both of you changed the same.');
    else send(latest.now);
  }, [send, clashes, latest]);

  const saveAsNew = useCallback(async () => {
    const { id, name, units, fields } = latest.now;
    try {
      const kept = await given(api.POST('/api/cuts', { body: newCut({ version: 0, name, units, fields }) }));
      forget(id);
      forgetLast(id);
      await readAgain(queries, { queryKey: ['cuts'] });
      notice(`“${kept.name}” is kept as a new cut.`);
      onNew(kept.id);
    } catch (error) {
      say(sentenceOf(error));
    }
  }, [latest, newCut, onNew, queries]);

  const isOnWay = useCallback(() => onWay.current, []);

  const takeTheirs = useCallback(() => {
    if (!theirs) return;
    change((old) => ({ ...started(fromRecord(theirs)), before: [...old.before, old.now] }));
    setTheirs(undefined);
    say('This is theirs. Undo brings yours back.');
  }, [change, theirs]);

  const keepMine = useCallback(() => {
    if (!theirs) return;
    const kept = { name: theirs.name, units: theirs.units, fields: theirs.fields };
    change((old) => ({ ...old, now: { ...old.now, version: theirs.version, kept } }));
    setTheirs(undefined);
    say('Save again to put yours in place of theirs.');
  }, [change, theirs]);

  return useMemo(
    () => ({
      save,
      said,
      say,
      refused,
      theirs,
      takeTheirs,
      keepMine,
      clashes,
      choose,
      takeIn,
      gone,
      saveAsNew,
      taken,
      isOnWay,
    }),
    [save, said, refused, theirs, takeTheirs, keepMine, clashes, choose, takeIn, gone, saveAsNew, taken, isOnWay],
  );
}
