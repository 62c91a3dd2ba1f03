import { useQueryClient } from '@tanstack/react-query';
import { liveQuery } from 'dexie';
import { useEffect, useSyncExternalStore } from 'react';
import { v7 as freshId } from 'uuid';
import { csrfToken, readProblem } from '../../shared/api';
import { device, useOutbox, type WaitingPhoto } from '../../shared/record';
import { prepared } from './prepare';

/** How far the photo that is being sent has got, by its id, 0 to 1. */
const progress = new Map<string, number>();
const listeners = new Set<() => void>();
let snapshot: ReadonlyMap<string, number> = new Map();
const tell = (id: string, share: number | null) => {
  if (share === null) progress.delete(id);
  else progress.set(id, share);
  snapshot = new Map(progress);
  for (const listener of listeners) listener();
};
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

export const useProgress = () => useSyncExternalStore(subscribe, () => snapshot);

/** Photos are on this device before anything else happens: a killed tab or a dead battery loses none. */
export async function keepOnDevice(account: string, attempt: string, label: string, files: readonly File[]): Promise<void> {
  for (const file of files) {
    const blob = await prepared(file);
    await device.photos.add({
      id: freshId(),
      account,
      attempt,
      label,
      blob,
      taken: (file.lastModified || Date.now()) / 1000,
      refused: null,
    });
  }
}

type Sent = { state: 'kept' } | { state: 'refused'; words: string } | { state: 'later' };

function send(photo: WaitingPhoto): Promise<Sent> {
  return new Promise((resolve) => {
    const request = new XMLHttpRequest();
    request.open('POST', `/api/attempts/${photo.attempt}/photos?id=${photo.id}&taken=${photo.taken.toFixed(0)}`);
    request.setRequestHeader('X-CSRF-Token', csrfToken());
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    request.timeout = 180_000;
    request.upload.onprogress = (event) => event.lengthComputable && tell(photo.id, event.loaded / event.total);
    request.onload = () => {
      if (request.status === 201) return resolve({ state: 'kept' });
      // The notebook looked at it and does not want it; everything else may go well the next time.
      if (request.status === 422 || request.status === 413 || request.status === 404) {
        let body: unknown = null;
        try {
          body = JSON.parse(request.responseText);
        } catch {
          body = null;
        }
        return resolve({ state: 'refused', words: readProblem(body, request.status).title });
      }
      resolve({ state: 'later' });
    };
    request.onerror = () => resolve({ state: 'later' });
    request.ontimeout = () => resolve({ state: 'later' });
    tell(photo.id, 0);
    request.send(photo.blob);
  });
}

const AGAIN_MS = 8000;

/** Sends what waits, one after the other, as long as the notebook is open. */
export function usePhotoSending(): void {
  const { account } = useOutbox();
  const queries = useQueryClient();
  useEffect(() => {
    let closed = false;
    let running = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const go = async () => {
      clearTimeout(timer);
      if (running || closed) return;
      running = true;
      try {
        for (;;) {
          const next = (await device.photos.where({ account }).toArray()).find((photo) => photo.refused === null);
          if (!next || closed) return;
          const sent = await send(next);
          tell(next.id, null);
          if (sent.state === 'kept') {
            await queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey.includes('photos') });
            await device.photos.delete(next.id);
          } else if (sent.state === 'refused') await device.photos.update(next.id, { refused: sent.words });
          else {
            timer = setTimeout(() => void go(), AGAIN_MS);
            return;
          }
        }
      } finally {
        running = false;
      }
    };
    const feed = liveQuery(() => device.photos.where({ account }).count()).subscribe({ next: () => void go(), error: () => undefined });
    const again = () => void go();
    window.addEventListener('online', again);
    return () => {
      closed = true;
      clearTimeout(timer);
      feed.unsubscribe();
      window.removeEventListener('online', again);
    };
  }, [account, queries]);
}
