interface Part {
  file: string;
  css?: string[];
  assets?: string[];
}

/**
 * Lays by what the notebook needs to open without a network: every part of this version, also those that were not looked at yet. Nothing
 * of an older version is thrown away here: a page of it may still be open.
 */
export async function layBy(): Promise<void> {
  if (!('serviceWorker' in navigator) || !('caches' in window) || import.meta.env.DEV) return;
  await navigator.serviceWorker.register('/worker.js');
  const answer = await fetch('/parts.json');
  if (!answer.ok) return;
  const parts = Object.values((await answer.json()) as Record<string, Part>).flatMap((part) => [
    `/${part.file}`,
    ...[...(part.css ?? []), ...(part.assets ?? [])].map((file) => `/${file}`),
  ]);
  const assets = await caches.open('assets');
  const known = new Set((await assets.keys()).map((request) => new URL(request.url).pathname));
  await assets.addAll([...new Set(parts)].filter((file) => file.startsWith('/assets/') && !known.has(file)));
  await (await caches.open('pages')).add('/');
}
