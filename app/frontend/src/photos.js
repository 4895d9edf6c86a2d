import { del, get, keys, set } from 'idb-keyval';

// Photographs taken without a connection: few, and none larger than the server would take.
const MOST = 8;
const LARGEST = 12 * 1024 * 1024;

export const photos = {
  /** Keeps one under a key; answers with what is wrong, or with nothing. */
  async put(key, photo) {
    if (photo.size > LARGEST) {
      return 'use a photo of 12 MB or less';
    }
    if ((await keys()).length >= MOST) {
      return `${MOST} photos are waiting; this one has no room until you are online`;
    }
    await set(key, photo);
    return '';
  },
  get,
  del,
};
