import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { api, need } from '../api/client';
import { usePlace } from '../api/place';
import { kindOf } from './kinds';

/** What is asked for stands in the address, so that a list can be sent and the back button works. */
export interface Asked {
  kind: string;
  of: string;
  sound: string;
  place: string;
  ending: string;
  fewest: number;
  most: number;
  turn: number;
  /** Every word there is, and not the first of them only. */
  all: boolean;
}

const FIRST = {
  kind: 'words',
  of: 'taught',
  sound: '',
  place: '',
  ending: 'ed',
  fewest: 1,
  most: 12,
  turn: 0,
  all: false,
};

export function useAsked() {
  const [search, setSearch] = useSearchParams();
  const text = (key: 'kind' | 'of' | 'sound' | 'place' | 'ending') => search.get(key) ?? FIRST[key];
  const number = (key: 'fewest' | 'most' | 'turn') => Number(search.get(key) ?? FIRST[key]) || FIRST[key];
  const asked: Asked = {
    kind: text('kind'),
    of: text('of'),
    sound: text('sound'),
    place: text('place'),
    ending: text('ending'),
    fewest: number('fewest'),
    most: number('most'),
    turn: number('turn'),
    all: search.get('all') === 'true',
  };
  const change = (x: Partial<Asked>) =>
    setSearch((before) => {
      const next = new URLSearchParams(before);
      for (const [key, value] of Object.entries({ turn: 0, all: false, ...x })) {
        if (String(value) === String(FIRST[key as keyof Asked])) next.delete(key);
        else next.set(key, String(value));
      }
      return next;
    });
  return { asked, change };
}

/** A list of words for the group. */
export function useList(asked: Asked) {
  const { schoolId, groupId, asIf } = usePlace();
  const kind = kindOf(asked.kind);
  const sound = kind.sound === 'none' ? undefined : asked.sound || undefined;
  return useQuery({
    queryKey: ['list', schoolId, groupId, asIf, asked],
    placeholderData: keepPreviousData,
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/groups/{groupId}/lists', {
          params: {
            path: { schoolId, groupId },
            query: {
              kind: asked.kind,
              of: asked.of,
              sound: sound,
              place: asked.place || undefined,
              ending: asked.kind === 'by-ending-sound' ? asked.ending : undefined,
              fewest: asked.fewest,
              most: asked.most,
              turn: asked.turn,
              all: asked.all,
              asIf,
            },
          },
        }),
      ),
  });
}

/** How a sound is spelt in the words of the accent, place by place. */
export function useEvidence(sound: string, accent: string | undefined) {
  return useQuery({
    queryKey: ['evidence', accent, sound],
    enabled: sound !== '' && accent !== undefined,
    queryFn: () => need(api.GET('/api/evidence/{sound}', { params: { path: { sound }, query: { accent } } })),
  });
}
