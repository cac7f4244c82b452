import { useTerms } from '../api/useTerms';
import { useEffect, useRef, useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { Link } from 'react-router';
import type { Strip } from '../api/schema';
import { isTyping } from './Shell';
import { typedDay } from '../api/dates';
import { usePlace } from '../api/place';
import { useSchool } from '../api/useSchool';
import { Forecast } from '../strip/Forecast';
import { AboutWord } from '../word/AboutWord';
import { AddWord } from '../word/AddWord';
import { useWord } from '../word/useWord';
import { Verdict } from '../word/Verdict';
import { Word } from '../word/Word';

const MOST_WORDS = 12;

/** Type a word anywhere: readable today or not, why, and from when. */
export function AskBox({ strip }: { strip?: Strip }) {
  const [text, setText] = useState('');
  const [asked, setAsked] = useState('');
  const [open, setOpen] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const panel = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key === '/' && !isTyping(event.target)) {
        event.preventDefault();
        input.current?.focus();
        input.current?.select();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  useEffect(() => {
    const press = (event: PointerEvent) => {
      if (event.target instanceof Node && !panel.current?.contains(event.target)) setOpen(false);
    };
    window.addEventListener('pointerdown', press);
    return () => window.removeEventListener('pointerdown', press);
  }, []);
  useEffect(() => {
    const timer = setTimeout(() => setAsked(text.trim()), 250);
    return () => clearTimeout(timer);
  }, [text]);
  const school = useSchool(usePlace().schoolId).data;
  const day = school && typedDay(asked, school.today);
  const words = day ? [] : asked.split(/[^A-Za-z'-]+/).filter((x) => x !== '');
  return (
    <div
      className="ask-box"
      ref={panel}
      // A button that is disabled while it saves loses the focus to nothing: that is no leaving.
      onBlur={(x) => x.relatedTarget && !panel.current?.contains(x.relatedTarget) && setOpen(false)}
      onFocus={() => setOpen(true)}
      onKeyDown={(x) => {
        if (x.key === 'Escape') {
          setOpen(false);
          input.current?.blur();
        }
      }}
    >
      <Form.Control
        ref={input}
        type="search"
        aria-label="Ask about a word, a spelling, a sentence or a day"
        placeholder="Ask: a word, a sentence, a day"
        value={text}
        maxLength={200}
        autoComplete="off"
        spellCheck={false}
        onChange={(x) => {
          setText(x.target.value);
          setOpen(true);
        }}
      />
      <kbd aria-hidden="true">/</kbd>
      {open && asked !== '' && (
        <div className="answer" role="region" aria-label="Answer" aria-live="polite" tabIndex={-1}>
          <RungAnswer text={asked} strip={strip} close={() => setOpen(false)} />
          {day && <Forecast day={day} />}
          {!day && words.length === 0 && <p>Type a word in the letters a to z, or a day: 14 March.</p>}
          {words.length === 1 && words[0] && <OneWord word={words[0]} close={() => setOpen(false)} />}
          {words.length > 1 &&
            [...new Set(words)].slice(0, MOST_WORDS).map((x) => <ShortAnswer key={x} word={x} />)}
        </div>
      )}
    </div>
  );
}

function OneWord({ word, close }: { word: string; close: () => void }) {
  const place = usePlace();
  const answer = useWord(word);
  if (answer.error) return <p>{answer.error.message}</p>;
  if (!answer.data) return <p>Looking …</p>;
  const rung = answer.data.from?.rungId;
  return (
    <>
      <p className="answer-word">
        <Word text={answer.data.spelling} pieces={answer.data.pieces} />
      </p>
      <Verdict word={answer.data} />
      <AboutWord word={answer.data} />
      <AddWord word={answer.data} key={answer.data.split} />
      {rung && answer.data.verdict === 'not-yet' && (
        <Button
          size="sm"
          variant="outline-dark"
          onClick={() => {
            place.standAt(rung);
            close();
          }}
        >
          As if we were there
        </Button>
      )}
    </>
  );
}

function ShortAnswer({ word }: { word: string }) {
  const terms = useTerms();
  const answer = useWord(word);
  const view = answer.data;
  if (!view) return null;
  const yes = view.verdict === 'readable' || view.verdict === 'tricky-taught';
  return (
    <p className="short-answer">
      <span className="plain-word">{word}</span>{' '}
      {yes
        ? view.verdict === 'readable'
          ? 'readable'
          : `${terms.trickyWord}, taught`
        : `not yet: ${view.blockers.map((x) => (x.rung ? `${x.part} (rung ${x.rung})` : x.part)).join(', ') || 'not in the word list'}`}
    </p>
  );
}

function RungAnswer({ text, strip, close }: { text: string; strip?: Strip; close: () => void }) {
  const place = usePlace();
  const rungs =
    strip?.sections.flatMap((x) => x.rungs).filter((x) => x.label.split(', ').includes(text.toLowerCase())) ??
    [];
  return (
    <>
      {rungs.map((x) => (
        <p key={x.id}>
          <Link to={place.to(`ladder/${x.id}`)} onClick={close}>
            Rung {x.number}, <b>{x.label}</b>
          </Link>
          {x.filled ? ', taught' : ', not yet taught'}
        </p>
      ))}
    </>
  );
}
