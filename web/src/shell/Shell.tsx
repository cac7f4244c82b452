import { useEffect, useState, type ReactNode } from 'react';
import { Button, Form } from 'react-bootstrap';
import { Link, NavLink, useLocation, useNavigate } from 'react-router';
import { useQuery } from '@tanstack/react-query';
import { api, need } from '../api/client';
import type { Strip } from '../api/schema';
import { LadderStrip } from '../strip/LadderStrip';
import { shown } from '../word/grapheme';
import { AskBox } from './AskBox';
import { useSchool } from '../api/useSchool';
import { Keys } from './Keys';
import { usePlace } from '../api/place';

interface Props {
  strip?: Strip;
  /** What explains the chosen thing: beside it, never over it. */
  dock: ReactNode;
  dockName: string;
  foot?: ReactNode;
  children: ReactNode;
}

/** What stands on every screen: the ladder strip, the places, the Ask box and the docked column. */
export function Shell({ strip, dock, dockName, foot, children }: Props) {
  const place = usePlace();
  const school = useSchool(place.schoolId);
  const standing = strip?.sections.flatMap((x) => x.rungs).find((x) => x.id === strip.asIf);
  const groups = (school.data?.groups ?? []).filter((x) => !x.archived || x.id === place.groupId);
  const groupId = place.groupId || groups[0]?.id;
  const atGroup = groupId
    ? { to: (page: string) => (place.groupId ? place.to(page) : `/${place.schoolId}/${groupId}/${page}`) }
    : undefined;
  const [keys, setKeys] = useState(false);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key === '?' && !isTyping(event.target)) setKeys(true);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  return (
    <div className={standing ? 'shell elsewhere' : 'shell'}>
      <a className="skip" href="#main">
        Skip to the page
      </a>
      <LadderStrip strip={strip} noGroup={!atGroup} />
      <div className="page">
        <header className="places">
          <nav aria-label="Places">
            {atGroup && (
              <>
                <NavLink to={atGroup.to('today')}>Today</NavLink>
                <NavLink to={atGroup.to('ladder')}>Ladder</NavLink>
                <NavLink to={atGroup.to('year')}>Year</NavLink>
                <NavLink to={atGroup.to('words')}>Words</NavLink>
                <NavLink to={`/${place.schoolId}/set-up/groups`}>Groups</NavLink>
              </>
            )}
            <SetUpLink schoolId={place.schoolId} />
          </nav>
          <GroupChoice groups={groups} />
          {place.groupId && <AskBox strip={strip} />}
        </header>
        {standing && (
          <div className="as-if" role="status">
            <span>
              As if we were at rung {standing.number}, <b>{shown(standing.label)}</b>. Nothing here is kept.
            </span>
            <Button size="sm" variant="light" onClick={() => place.standAt()}>
              Back to today
            </Button>
          </div>
        )}
        <main id="main">{children}</main>
        {foot && <footer className="foot">{foot}</footer>}
      </div>
      <aside className="dock" aria-label={dockName}>
        {dock}
        <Link className="school-name" to="/">
          {school.data?.name}
        </Link>
      </aside>
      <Keys show={keys} onHide={() => setKeys(false)} />
    </div>
  );
}

export function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable]');
}

/** Set-up is where we are on each of its steps but the groups, which have a place of their own. */
function SetUpLink({ schoolId }: { schoolId: string }) {
  const { pathname } = useLocation();
  const here = pathname.startsWith(`/${schoolId}/set-up`) && !pathname.endsWith('/groups');
  return (
    <Link
      to={`/${schoolId}/set-up/school`}
      className={here ? 'active' : undefined}
      aria-current={here ? 'page' : undefined}
    >
      Set-up
    </Link>
  );
}

function GroupChoice({ groups }: { groups: { id: string; name: string }[] }) {
  const { schoolId, groupId } = usePlace();
  const go = useNavigate();
  const schools = useQuery({ queryKey: ['schools'], queryFn: () => need(api.GET('/api/schools')) });
  return (
    <Form.Select
      size="sm"
      className="group-choice"
      aria-label="Group"
      value={groupId}
      onChange={(x) => {
        const chosen = x.target.value;
        const other = chosen.startsWith('school/') ? chosen.slice('school/'.length) : undefined;
        if (chosen === 'start') void go('/start');
        else if (chosen !== '') void go(other ? `/${other}` : `/${schoolId}/${chosen}/today`);
      }}
    >
      {!groupId && <option value="">{groups.length > 0 ? 'Choose a group' : 'No group yet'}</option>}
      <optgroup label="Groups">
        {groups.map((x) => (
          <option key={x.id} value={x.id}>
            {x.name}
          </option>
        ))}
      </optgroup>
      <optgroup label="Another school">
        {schools.data
          ?.filter((x) => x.id !== schoolId)
          .map((x) => (
            <option key={x.id} value={`school/${x.id}`}>
              {x.name}
            </option>
          ))}
        <option value="start">Another school …</option>
      </optgroup>
    </Form.Select>
  );
}
