import { Link, useNavigate, useParams } from 'react-router';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { api, need } from '../api/client';
import type { SchoolView } from '../api/schema';
import { Shell } from '../shell/Shell';
import { Failure, Waiting } from '../shell/States';
import { useSchool } from '../api/useSchool';
import { GroupsStep } from './GroupsStep';
import type { Dated } from './NewGroup';
import { LadderStep } from './LadderStep';
import { LessonStep } from './LessonStep';
import { SchoolStep } from './SchoolStep';
import { ShapesStep } from './shapes/ShapesStep';
import { useSchoolWays } from './ways/useWays';
import { WaysStep } from './ways/WaysStep';
import { YearStep } from './YearStep';
import { useSetUp } from './useSetUp';

type Step = 'school' | 'ladder' | 'groups' | 'year' | 'ways' | 'shape' | 'lesson';

/** The path from nothing to a lesson: each step stands alone, can be skipped, and is as it was when one comes back. */
const STEPS: { id: Step; name: string; about: ReactNode; aside?: boolean }[] = [
  {
    id: 'school',
    name: 'The school',
    about: (
      <p>
        The accent decides which words sound alike, which spellings go together and which words are fair. It
        can be changed later: lists and verdicts follow.
      </p>
    ),
  },
  {
    id: 'ladder',
    name: 'The ladder',
    about: (
      <>
        <p>
          A ladder is the order in which your school teaches spellings and their sounds. Any layout will do: a
          column, weeks down the side, days across, tricky words beside or mixed in.
        </p>
        <p>
          What the sheet does not say is asked. Nothing is kept until you press <b>Keep this ladder</b>, and
          that can be taken back.
        </p>
      </>
    ),
  },
  {
    id: 'groups',
    name: 'The groups',
    about: (
      <>
        <p>
          A group stands where it really stands: what it was taught before is written to its log by value, and
          no later change of a ladder takes it away.
        </p>
        <p>Give groups plain names. Nothing about single children belongs here.</p>
      </>
    ),
  },
  {
    id: 'year',
    name: 'The year',
    about: (
      <p>
        School days are the terms less the closures. Each day of the week brings something new, or goes over
        what was taught.
      </p>
    ),
  },
  {
    id: 'ways',
    name: 'How we teach',
    about: (
      <>
        <p>
          Good schools differ here. Each choice shows what ships and why; yours is followed in lists,
          verdicts, lessons and on paper.
        </p>
        <p>
          Clusters, rime units and ends of longer words (tion) need no choice: a ladder that has rungs for
          them teaches them as one.
        </p>
      </>
    ),
  },
  {
    id: 'shape',
    name: 'Lesson shapes',
    aside: true,
    about: (
      <>
        <p>
          Each kind of lesson has its pieces. Drag one, or move it with its arrows or <kbd>Alt ↑</kbd>, within
          its part. A piece without minutes takes what fits, on the days it fits.
        </p>
        <p>
          What is taken out leaves its time to the rest. Beside it is the next such lesson of the group, or of
          your first one, made that way. One lesson alone is changed from Today.
        </p>
      </>
    ),
  },
  {
    id: 'lesson',
    name: 'The first lesson',
    about: (
      <p>
        A lesson is planned from what the group was taught, word by word. Every item can say why it is there.
      </p>
    ),
  },
];

export function SetUpPage() {
  const { schoolId = '', step = 'school' } = useParams();
  const go = useNavigate();
  const school = useSchool(schoolId);
  const setUp = useSetUp(schoolId);
  const group = school.data?.groups.find((x) => !x.archived);
  const strip = useLadderStrip(schoolId, group?.ladderId ?? setUp.ladders.data?.at(-1)?.id, group?.id);
  const ways = useSchoolWays(schoolId).view;
  const [dated, setDated] = useState<Dated>();
  const at = STEPS.findIndex((x) => x.id === step);
  const here = STEPS[at];
  if (school.error) return <Failure sentence={school.error.message} />;
  if (!here) return <Failure sentence="Set-up has no such step. Go back and choose one of the seven." />;
  if (!school.data || !setUp.ladders.data || !setUp.groups.data || !setUp.year.data) {
    return <Waiting what="Opening the school" />;
  }
  // What nobody needs before a first lesson is not in its way.
  const next = STEPS.slice(at + 1).find((x) => !x.aside);
  const onNext = () => next && void go(`/${schoolId}/set-up/${next.id}`);
  const said = saidOf(
    school.data,
    setUp.ladders.data.length,
    setUp.groups.data.filter((x) => !x.archived).length,
    Object.entries(ways?.own ?? {}).some(([key, x]) => key !== 'shapes' && x != null),
    ways?.own.shapes?.length ?? 0,
  );
  return (
    <Shell
      strip={strip}
      dockName="About this step"
      dock={
        <>
          <h2>{here.name}</h2>
          {here.about}
        </>
      }
    >
      <ol className="path" aria-label="Set-up">
        {STEPS.map((x) => (
          <li key={x.id} className={said[x.id].done ? 'done' : undefined}>
            <Link to={`/${schoolId}/set-up/${x.id}`} aria-current={x.id === here.id ? 'step' : undefined}>
              <b>{x.name}</b>
              <span>{said[x.id].text}</span>
            </Link>
          </li>
        ))}
      </ol>
      {here.id === 'school' && <SchoolStep school={school.data} setUp={setUp} onNext={onNext} />}
      {here.id === 'ladder' && (
        <LadderStep schoolId={schoolId} setUp={setUp} onNext={onNext} onDated={setDated} />
      )}
      {here.id === 'groups' && <GroupsStep schoolId={schoolId} setUp={setUp} dated={dated} onNext={onNext} />}
      {here.id === 'year' && (
        <YearStep
          schoolId={schoolId}
          key={setUp.year.data.revision}
          year={setUp.year.data}
          setUp={setUp}
          onNext={onNext}
        />
      )}
      {here.id === 'ways' && <WaysStep schoolId={schoolId} onNext={onNext} />}
      {here.id === 'shape' && <ShapesStep schoolId={schoolId} onNext={onNext} />}
      {here.id === 'lesson' && <LessonStep schoolId={schoolId} setUp={setUp} />}
    </Shell>
  );
}

function saidOf(
  school: SchoolView,
  ladders: number,
  groups: number,
  ownWays: boolean,
  ownShapes: number,
): Record<Step, { done: boolean; text: string }> {
  return {
    school: { done: true, text: school.accentName },
    ladder: {
      done: ladders > 0,
      text: ladders === 0 ? 'none yet' : ladders === 1 ? 'one' : `${ladders} ladders`,
    },
    groups: { done: groups > 0, text: groups === 0 ? 'none yet' : groups === 1 ? 'one' : `${groups} groups` },
    year: { done: school.yearSaid, text: school.yearSaid ? 'your terms' : 'usual terms so far' },
    ways: { done: ownWays, text: ownWays ? 'yours' : 'the usual' },
    shape: { done: ownShapes > 0, text: ownShapes > 0 ? `${ownShapes} of yours` : 'the usual' },
    lesson: { done: false, text: groups > 0 ? 'ready' : 'after a group' },
  };
}

/** The ladder at the edge: the first group's with its line, or the newest before there is a group. */
function useLadderStrip(schoolId: string, ladderId: string | undefined, groupId: string | undefined) {
  return useQuery({
    queryKey: ['ladder-strip', schoolId, ladderId, groupId],
    enabled: ladderId !== undefined,
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/ladders/{ladderId}', {
          params: { path: { schoolId, ladderId: ladderId ?? '' }, query: { groupId } },
        }),
      ),
  }).data?.strip;
}
