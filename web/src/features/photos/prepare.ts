/** Longer than this a photo tells no more and only takes longer over a poor signal. */
const LONGEST = 2560;

/** A photo as it is sent: made smaller where it is large. What this browser cannot open goes as it is; the notebook says what it is. */
export async function prepared(file: Blob): Promise<Blob> {
  if (!('createImageBitmap' in window)) return file;
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return file;
  }
  try {
    const share = LONGEST / Math.max(picture.width, picture.height);
    if (share >= 1) return file;
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(picture.width * share);
    canvas.height = Math.round(picture.height * share);
    const context = canvas.getContext('2d');
    if (!context) return file;
    context.drawImage(picture, 0, 0, canvas.width, canvas.height);
    return await new Promise((resolve) => canvas.toBlob((made) => resolve(made ?? file), 'image/jpeg', 0.88));
  } finally {
    picture.close();
  }
}
