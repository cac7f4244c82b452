import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { usePlace } from '../api/place';
import type { LadderView } from '../api/schema';
import { PrintOnce } from '../shell/PrintOnce';

/** The ladder as one page for the wall: the picture that is kept as a file. */
export function Wall({ ladder, onDone }: { ladder: LadderView; onDone: () => void }) {
  const { schoolId } = usePlace();
  const holder = useRef<HTMLDivElement>(null);
  const [drawn, setDrawn] = useState(false);
  const picture = useQuery({
    queryKey: ['wall', schoolId, ladder.id, ladder.revision],
    queryFn: async () =>
      (await fetch(`/api/schools/${schoolId}/ladders/${ladder.id}/file?format=svg`)).text(),
  });
  useEffect(() => {
    if (!picture.data || !holder.current) return;
    const root = new DOMParser().parseFromString(picture.data, 'image/svg+xml').documentElement;
    holder.current.replaceChildren(document.importNode(root, true));
    setDrawn(true);
  }, [picture.data]);
  return (
    <PrintOnce ready={drawn} onDone={onDone}>
      <div ref={holder} className="wall" />
    </PrintOnce>
  );
}
