import type { Source } from '../api/schema';

/** The cell that something came from, with what stands in it. */
export function ImportSource({ source }: { source: Source }) {
  return (
    <span className="at">
      {source.cell} <q>{source.text}</q>
    </span>
  );
}
