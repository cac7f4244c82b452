import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { api, need } from '../api/client';
import { fullDay, shortDay } from '../api/dates';
import { usePlace } from '../api/place';
import type { GroupYearView, HomePageView } from '../api/schema';
import { useSchool } from '../api/useSchool';
import { useTerms } from '../api/useTerms';
import { PrintOnce } from '../shell/PrintOnce';
import { shown } from '../word/grapheme';

/** A half-term on a page to send home, in a parent's words. */
export function ForFamilies({ year }: { year: GroupYearView }) {
  const { schoolId, groupId } = usePlace();
  const now = year.halfTerms.find((x) => x.last >= year.today) ?? year.halfTerms.at(-1);
  const [first, setFirst] = useState(now?.first);
  const [printing, setPrinting] = useState(false);
  const page = useQuery({
    queryKey: ['home', schoolId, groupId, first],
    enabled: printing,
    queryFn: () =>
      need(
        api.GET('/api/schools/{schoolId}/groups/{groupId}/year/home', {
          params: { path: { schoolId, groupId }, query: { day: first } },
        }),
      ),
  });
  return (
    <>
      <h2>For families</h2>
      <div className="for-families">
        <Form.Select
          size="sm"
          aria-label="Half-term"
          value={first}
          onChange={(x) => setFirst(x.target.value)}
        >
          {year.halfTerms.map((x) => (
            <option key={x.first} value={x.first}>
              {shortDay(x.first)} to {shortDay(x.last)}
            </option>
          ))}
        </Form.Select>
        <Button size="sm" variant="outline-dark" disabled={printing} onClick={() => setPrinting(true)}>
          Print a page
        </Button>
      </div>
      {page.error && <p role="alert">{page.error.message}</p>}
      {printing && !page.error && (
        <PrintOnce ready={page.data !== undefined} onDone={() => setPrinting(false)}>
          {page.data && <HomePage page={page.data} />}
        </PrintOnce>
      )}
    </>
  );
}

function HomePage({ page }: { page: HomePageView }) {
  const { schoolId } = usePlace();
  const terms = useTerms();
  const school = useSchool(schoolId).data;
  return (
    <div className="home-page">
      <h1>What {page.group} are learning to read</h1>
      <p className="when">
        {school?.name} · {fullDay(page.first)} to {fullDay(page.last)}
      </p>
      <p>
        In each lesson we meet a sound and the letters that spell it. This is what comes when; a day or two
        may shift.
      </p>
      <table>
        <thead>
          <tr>
            <th scope="col">Week of</th>
            <th scope="col">New letters for sounds</th>
            <th scope="col">New {terms.trickyWords}</th>
          </tr>
        </thead>
        <tbody>
          {page.weeks.map((x) => (
            <tr key={x.monday}>
              <th scope="row">{shortDay(x.monday)}</th>
              <td>
                {x.spellings.map((s) => (
                  <span key={s.letters} className="home-spelling">
                    {s.isShape ? (
                      `words with ${s.letters}${s.word && `, such as ${s.word}`}`
                    ) : (
                      <>
                        <b className="letters">{shown(s.letters)}</b>
                        {s.word && ` as in ${s.word}`}
                      </>
                    )}
                  </span>
                ))}
                {x.compared.map((c) => (
                  <span key={c} className="home-spelling">
                    <b className="letters">{shown(c)}</b> side by side
                  </span>
                ))}
                {x.spellings.length + x.compared.length === 0 && 'practice of what we know'}
              </td>
              <td>{x.trickyWords.join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {page.words.length > 0 && (
        <>
          <h2>Words to read together, once the letters have come</h2>
          <p className="home-words letters">{page.words.join('   ')}</p>
        </>
      )}
      <h2>How you can help</h2>
      <ul>
        <li>Five minutes, most days, and stop while it is still fun.</li>
        <li>
          Let your child say the sound for each spelling, left to right, and then the whole word. Count to
          five before you help.
        </li>
        <li>Say sounds short and clean, as they are in the word beside them: no “uh” at the end.</li>
        <li>
          The {terms.trickyWords} have a part that does not follow what we know yet. Say that part for them,
          and read the word together.
        </li>
        <li>Talk about what it means, and read stories to them every day: that is how words are learnt.</li>
      </ul>
    </div>
  );
}
