import type { RungDocument } from '../api/schema';

/** Rungs that were cut or copied, kept while the window is open so that they can be pasted on another ladder. */
interface Clip {
  rungs: RungDocument[];
  /** The ladder they were cut from: pasted there, they move. */
  cutFrom?: string;
}

const KEY = 'bold-ladder-rungs';

export const keepClip = (clip: Clip) => sessionStorage.setItem(KEY, JSON.stringify(clip));

export function clipped(): Clip | undefined {
  const kept = sessionStorage.getItem(KEY);
  return kept === null ? undefined : (JSON.parse(kept) as Clip);
}
