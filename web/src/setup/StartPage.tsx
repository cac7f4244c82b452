import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'react-bootstrap';
import { Link, useNavigate } from 'react-router';
import { api, need } from '../api/client';
import { Waiting } from '../shell/States';
import { SchoolFields } from './SchoolStep';

/** An installation with no school yet, or one more school: where the path begins. */
export function StartPage() {
  const go = useNavigate();
  const queries = useQueryClient();
  const schools = useQuery({ queryKey: ['schools'], queryFn: () => need(api.GET('/api/schools')) });
  const demo = useDemo();
  const add = useMutation({
    mutationFn: (body: { name: string; accent: string }) => need(api.POST('/api/schools', { body })),
    onSuccess: async (school) => {
      await queries.invalidateQueries({ queryKey: ['schools'] });
      void go(`/${school.id}/set-up/ladder`);
    },
  });
  if (!schools.data) return <Waiting what="Opening" />;
  const shown = schools.data.filter((x) => x.demo);
  const own = schools.data.filter((x) => !x.demo);
  return (
    <main className="start">
      <h1>Your school</h1>
      <p className="start-lead">
        Say what your school is called and how its children speak. Then bring the order you teach in, out of
        the spreadsheet you already keep; the first lesson is a few minutes away.
      </p>
      <SchoolFields
        school={{ name: '', accent: '' }}
        busy={add.isPending}
        problem={add.error}
        button="Make the school"
        onSave={(x) => add.mutate(x)}
      />
      <section className="start-others">
        <h2>{own.length > 0 ? 'Or open one that is here' : 'Or look around first'}</h2>
        {own.map((x) => (
          <p key={x.id}>
            <Link to={`/${x.id}`}>{x.name}</Link>
          </p>
        ))}
        {shown.map((x) => (
          <p key={x.id}>
            <Link to={`/${x.id}`}>{x.name}</Link>, invented
          </p>
        ))}
        {shown.length < 2 && (
          <p>
            <Button variant="outline-dark" size="sm" disabled={demo.making} onClick={demo.start}>
              {demo.making ? 'Bringing in the invented schools …' : 'Bring in two invented schools'}
            </Button>{' '}
            <span className="hint">
              {demo.problem ??
                (demo.making
                  ? 'It takes about half a minute; you can go on meanwhile.'
                  : 'With groups, lessons and a log, to try things out on. They can be thrown away again.')}
            </span>
          </p>
        )}
      </section>
    </main>
  );
}

function useDemo() {
  const queries = useQueryClient();
  const query = useQuery({
    queryKey: ['demo'],
    queryFn: async () => {
      const view = await need(api.GET('/api/demo'));
      await queries.invalidateQueries({ queryKey: ['schools'] });
      return view;
    },
    refetchInterval: (x) => (x.state.data?.making ? 1_000 : false),
  });
  const make = useMutation({
    mutationFn: () => need(api.POST('/api/demo')),
    onSuccess: (view) => queries.setQueryData(['demo'], view),
  });
  return {
    making: query.data?.making === true || make.isPending,
    problem: query.data?.problem ?? undefined,
    start: () => make.mutate(),
  };
}
