import { type QueryClient, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, given, type Photo, sentenceOf } from '../api/client';
import { readAgain } from '../api/readAgain';
import { notice } from '../frame/notices';
import { scaled } from './scaled';

/** What a photo shows. */
export type Shown = { toolId: string } | { grindId: string } | { trialId: string };

/** Photos of a tool with its grinds and trials, or of a cut's trials. */
export const usePhotos = (of: { tool: string } | { cut: string }) =>
  useQuery({
    queryKey: ['photos', of],
    queryFn: () => given(api.GET('/api/photos', { params: { query: of } })),
    enabled: !('cut' in of) || (of.cut !== '' && of.cut !== 'new'),
  });

const again = (queries: QueryClient) => readAgain(queries, { queryKey: ['photos'] });

/** Takes pictures in, each scaled down first; tells what went wrong with one of them. */
export function useAddPhotos(shown: Shown) {
  const queries = useQueryClient();
  const [busy, setBusy] = useState(false);
  const add = async (files: File[]) => {
    setBusy(true);
    try {
      for (const file of files) {
        const photo = { id: crypto.randomUUID(), ...shown, picture: await scaled(file) };
        await given(api.POST('/api/photos', { body: photo }));
      }
    } catch (error) {
      notice(sentenceOf(error));
    }
    setBusy(false);
    await again(queries);
  };
  return { busy, add };
}

/** Takes a photo away; undone, it comes back as it was. */
export async function deletePhoto(photo: Photo, queries: QueryClient): Promise<void> {
  try {
    const picture = await given(
      api.GET('/api/photos/{id}/picture', { params: { path: { id: photo.id } }, parseAs: 'blob' }),
    );
    await given(api.DELETE('/api/photos/{id}', { params: { path: { id: photo.id } } }));
    await again(queries);
    const back = async () => {
      const { id, toolId, grindId, trialId, note } = photo;
      const body = { id, toolId, grindId, trialId, note, picture: await base64(picture) };
      try {
        await given(api.POST('/api/photos', { body }));
        await again(queries);
        notice('The photo is back.');
      } catch (error) {
        notice(sentenceOf(error));
      }
    };
    notice('The photo is deleted.', { words: 'Undo', does: () => void back() });
  } catch (error) {
    notice(sentenceOf(error));
  }
}

const base64 = (blob: Blob): Promise<string> =>
  new Promise((take, refuse) => {
    const reader = new FileReader();
    reader.onload = () => take((reader.result as string).replace(/^[^,]*,/, ''));
    reader.onerror = () => refuse(new Error('The photo could not be read.'));
    reader.readAsDataURL(blob);
  });
