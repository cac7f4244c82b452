import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes, useParams } from 'react-router';
import { api, need } from '../api/client';
import { Failure, Waiting } from '../shell/States';
import { useSchool } from '../api/useSchool';
import { TodayPage } from '../lessons/TodayPage';

const LadderPage = lazy(() => import('../ladders/LadderPage').then((x) => ({ default: x.LadderPage })));

const WordsPage = lazy(() => import('../words/WordsPage').then((x) => ({ default: x.WordsPage })));

const YearPage = lazy(() => import('../year/YearPage').then((x) => ({ default: x.YearPage })));

const BoardPage = lazy(() => import('../lessons/board/BoardPage').then((x) => ({ default: x.BoardPage })));

const SetUpPage = lazy(() => import('../setup/SetUpPage').then((x) => ({ default: x.SetUpPage })));

const StartPage = lazy(() => import('../setup/StartPage').then((x) => ({ default: x.StartPage })));

export function App() {
  return (
    <Suspense fallback={<Waiting what="Opening" />}>
      <Routes>
        <Route path="/" element={<FirstSchool />} />
        <Route path="/start" element={<StartPage />} />
        <Route path="/:schoolId" element={<FirstGroup />} />
        <Route path="/:schoolId/set-up/:step?" element={<SetUpPage />} />
        <Route path="/:schoolId/:groupId/today/:day?" element={<TodayPage />} />
        <Route path="/:schoolId/:groupId/board/:day?" element={<BoardPage />} />
        <Route path="/:schoolId/ladders/:ladderId/:rungId?" element={<LadderPage />} />
        <Route path="/:schoolId/:groupId/ladder/:rungId?" element={<LadderPage />} />
        <Route path="/:schoolId/:groupId/year" element={<YearPage />} />
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
  const first = schools.data.find((x) => !x.demo) ?? schools.data[0];
  return <Navigate to={first ? `/${first.id}` : '/start'} replace />;
}

function FirstGroup() {
  const { schoolId = '' } = useParams();
  const school = useSchool(schoolId);
  if (school.error) return <Failure sentence={school.error.message} />;
  if (!school.data) return <Waiting what="Opening the school" />;
  const group = school.data.groups.find((x) => !x.archived);
  return <Navigate to={group ? `/${schoolId}/${group.id}/today` : `/${schoolId}/set-up/ladder`} replace />;
}
