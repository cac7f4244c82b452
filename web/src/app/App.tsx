import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes, useParams } from 'react-router';
import { api, need } from '../api/client';
import { Failure, Waiting } from '../shell/States';
import { useSchool } from '../shell/useSchool';
import { TodayPage } from '../lessons/TodayPage';

const LadderPage = lazy(() => import('../ladders/LadderPage').then((x) => ({ default: x.LadderPage })));

const WordsPage = lazy(() => import('../words/WordsPage').then((x) => ({ default: x.WordsPage })));

export function App() {
  return (
    <Suspense fallback={<Waiting what="Opening" />}>
      <Routes>
        <Route path="/" element={<FirstSchool />} />
        <Route path="/:schoolId" element={<FirstGroup />} />
        <Route path="/:schoolId/:groupId/today/:day?" element={<TodayPage />} />
        <Route path="/:schoolId/:groupId/ladder/:rungId?" element={<LadderPage />} />
        <Route path="/:schoolId/:groupId/words" element={<WordsPage />} />
        <Route path="*" element={<Nothing />} />
      </Routes>
    </Suspense>
  );
}

function Nothing() {
  return (
    <main className="empty">
      <h1>There is nothing at this address</h1>
      <p>
        The link may be old. <a href="/">Go to today’s lesson</a>.
      </p>
    </main>
  );
}

function FirstSchool() {
  const schools = useQuery({ queryKey: ['schools'], queryFn: () => need(api.GET('/api/schools')) });
  if (schools.error) return <Failure sentence={schools.error.message} />;
  if (!schools.data) return <Waiting what="Opening" />;
  const first = schools.data[0];
  if (first) return <Navigate to={`/${first.id}`} replace />;
  return (
    <main className="empty">
      <h1>No school yet</h1>
      <p>
        Bold Ladder was started empty. Stop it, and start it with <code>./start</code> to add the demo
        schools.
      </p>
    </main>
  );
}

function FirstGroup() {
  const { schoolId = '' } = useParams();
  const school = useSchool(schoolId);
  if (school.error) return <Failure sentence={school.error.message} />;
  if (!school.data) return <Waiting what="Opening the school" />;
  const group = school.data.groups[0];
  return group ? (
    <Navigate to={`/${schoolId}/${group.id}/today`} replace />
  ) : (
    <main className="empty">
      <h1>{school.data.name} has no groups yet</h1>
    </main>
  );
}
