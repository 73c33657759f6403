import { useQueryClient } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useId } from 'react';
import type { Photo } from '../api/client';
import { DIALOG, DO, OVERLAY, QUIET } from '../frame/looks';
import { savedBy } from '../frame/SavedBy';
import { ForKeepers } from '../people/ForKeepers';
import { deletePhoto, type Shown, useAddPhotos } from './usePhotos';

const pictureOf = (photo: Photo) => `/api/photos/${photo.id}/picture`;
const smallOf = (photo: Photo) => `/api/photos/${photo.id}/small`;

/** Photos of one thing, small, each opened by a touch; and a way to add another. */
export function Photos({ shown, photos, words }: { shown: Shown; photos: Photo[]; words: string }) {
  return (
    <div className="photos flex flex-wrap items-center gap-2 py-0.5">
      {photos.map((photo, n) => (
        <PhotoDialog key={photo.id} photo={photo} words={`${words}, photo ${n + 1}`} />
      ))}
      <ForKeepers>
        <AddPhoto shown={shown} words={words} />
      </ForKeepers>
    </div>
  );
}

function AddPhoto({ shown, words }: { shown: Shown; words: string }) {
  const { busy, add } = useAddPhotos(shown);
  const id = useId();
  return (
    <>
      <input
        id={id}
        type="file"
        accept="image/*"
        multiple
        className="peer sr-only"
        disabled={busy}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          void add(files);
        }}
      />
      <label
        htmlFor={id}
        className="inline-flex min-h-touch cursor-pointer items-center px-1 text-small text-accent underline decoration-dotted underline-offset-4 peer-focus-visible:outline-3 peer-focus-visible:outline-accent peer-disabled:opacity-45 print:hidden"
      >
        {busy ? 'Taking it in' : 'Add a photo'}
        <span className="sr-only"> of {words}</span>
      </label>
    </>
  );
}

function PhotoDialog({ photo, words }: { photo: Photo; words: string }) {
  const queries = useQueryClient();
  return (
    <Dialog.Root>
      <Dialog.Trigger className="block h-18 w-24 overflow-hidden rounded-sm border border-line">
        <img src={smallOf(photo)} alt={words} loading="lazy" className="size-full object-cover" />
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className={OVERLAY} />
        <Dialog.Content className={`${DIALOG} w-[min(1000px,94vw)]!`} aria-describedby={undefined}>
          <Dialog.Title>{words}</Dialog.Title>
          <img src={pictureOf(photo)} alt={words} className="mx-auto my-2 max-h-[62vh] max-w-full" />
          {photo.note && <p>{photo.note}</p>}
          <p className="text-ink-2">Kept {savedBy(photo) || photo.savedAt.slice(0, 10)}</p>
          <Dialog.Close className={DO}>Close</Dialog.Close>
          <ForKeepers>
            <Dialog.Close className={QUIET} onClick={() => void deletePhoto(photo, queries)}>
              Delete
            </Dialog.Close>
          </ForKeepers>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
