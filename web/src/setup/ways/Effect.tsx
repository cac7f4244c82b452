import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, need } from '../../api/client';
import type { ConventionsDocument, ConventionsView, WaysEffectView } from '../../api/schema';

/** What the choices would change for the first group, and words marked as they would be, once they have stood a moment. */
export function useEffectOf(schoolId: string, view: ConventionsView, own: ConventionsDocument) {
  const { weakVowels, plurals, shortA, marks } = useSettled(own);
  const query = useQuery({
    queryKey: ['ways-effect', schoolId, view.revision, weakVowels, plurals, shortA, marks],
    placeholderData: (x) => x,
    queryFn: () =>
      need(
        api.POST('/api/schools/{schoolId}/conventions/effect', {
          params: { path: { schoolId } },
          body: {
            revision: view.revision,
            conventions: { ...view.own, weakVowels, plurals, shortA, marks },
          },
        }),
      ),
  });
  return query.data;
}

export function Effect({ effect }: { effect: WaysEffectView | undefined }) {
  if (!effect?.group) return null;
  return (
    <p className="way-effect" role="status">
      {effect.gained + effect.lost === 0 ? (
        <>For {effect.group} that changes no everyday word today.</>
      ) : (
        <>
          For {effect.group} today:{' '}
          {effect.gained > 0 && (
            <>
              {effect.gained} more everyday {effect.gained === 1 ? 'word' : 'words'}, such as{' '}
              <span className="letters">{effect.gainedWords.join(', ')}</span>
            </>
          )}
          {effect.gained > 0 && effect.lost > 0 && '; '}
          {effect.lost > 0 && (
            <>
              {effect.lost} fewer, such as <span className="letters">{effect.lostWords.join(', ')}</span>
            </>
          )}
          .
        </>
      )}
    </p>
  );
}

/** What was chosen, once it has stood for a moment. */
function useSettled(own: ConventionsDocument) {
  const [settled, setSettled] = useState(own);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(own), 300);
    return () => window.clearTimeout(timer);
  }, [own]);
  return settled;
}
