import { useState } from 'react';
import { Alert, Button } from 'react-bootstrap';
import { Failure, Waiting } from '../shell/States';
import { fullDay } from '../api/dates';
import { usePlace } from '../api/place';
import { Sheet } from '../shell/Sheet';
import { Shell } from '../shell/Shell';
import { AboutWord } from '../word/AboutWord';
import { useWord } from '../word/useWord';
import { Verdict } from '../word/Verdict';
import { Word } from '../word/Word';
import type { GroupListView } from '../api/schema';
import { useTerms } from '../api/useTerms';
import { kindOf, LIMITS, nameOf, type Kind } from './kinds';
import { ListForm } from './ListForm';
import { ListNotes } from './ListNotes';
import { ListWords } from './ListWords';
import { SentencesPage } from './SentencesPage';
import { useAsked, useList } from './useList';

/** Lists for the group: for practice, for a game, for the wall and for the ear. */
export function WordsPage() {
  const { asked } = useAsked();
  return kindOf(asked.kind).shape === 'sentences' ? <SentencesPage /> : <WordLists />;
}

function WordLists() {
  const { asked, change } = useAsked();
  const terms = useTerms();
  const query = useList(asked);
  const [chosen, setChosen] = useState<{ key: string; word: string; reason: string }>();
  const key = JSON.stringify(asked);
  const list = query.data;
  if (query.error && !list) return <Failure sentence={query.error.message} />;
  if (!list) return <Waiting what="Looking for words" />;
  // What is shown is of the kind that was answered, until the next answer comes.
  const kind = kindOf(list.kind);
  const open = chosen?.key === key ? chosen : undefined;
  const texts = list.families.map((x) => x.words.map((w) => w.spelling));
  const across = kind.shape !== 'list';
  return (
    <>
      <Shell
        strip={list.strip}
        dockName={open ? 'The chosen word' : 'About the list'}
        dock={
          open ? (
            <WordColumn word={open.word} reason={open.reason} madeUp={kind.key === 'made-up'} />
          ) : (
            <ListNotes asked={asked} kind={kind} list={list} />
          )
        }
        foot={
          <>
            <Button variant="dark" onClick={() => window.print()} disabled={list.families.length === 0}>
              Print
            </Button>
            <Copy text={texts.map((x) => x.join(across ? '\t' : '\n')).join('\n')} />
            {(kind.shape === 'chain' || kind.key === 'made-up') && (
              <Button variant="outline-dark" onClick={() => change({ turn: asked.turn + 1 })}>
                Others
              </Button>
            )}
          </>
        }
      >
        <div className="heading">
          <h1>{nameOf(kind, terms)}</h1>
          <p className="total">
            {counted(list, kind)}
            {isCut(list, kind) && (
              <Button variant="link" size="sm" onClick={() => change({ all: true })}>
                Show all
              </Button>
            )}
          </p>
        </div>
        <ListForm asked={asked} kind={kind} list={list} onChange={change} />
        {query.error && <Alert variant="warning">{query.error.message}</Alert>}
        <div
          className={query.isPlaceholderData ? 'list-body old' : 'list-body'}
          aria-busy={query.isPlaceholderData}
        >
          {list.families.length === 0 && <p className="list-empty">{list.empty}</p>}
          <ListWords
            families={list.families}
            kind={kind}
            chosen={open?.word}
            onChoose={(x) =>
              setChosen(x.spelling === open?.word ? undefined : { key, word: x.spelling, reason: x.reason })
            }
          />
        </div>
      </Shell>
      <Sheet>
        <header>
          <h1>{nameOf(kind, terms)}</h1>
          <p>
            {fullDay(list.day)} · {list.group} · {LIMITS.find((x) => x.key === asked.of)?.name}
            {list.strip.line > 0 && ` · ${list.strip.line} rungs taught`}
          </p>
        </header>
        <ListWords families={list.families} kind={kind} />
      </Sheet>
    </>
  );
}

const nounOf = (kind: Kind) =>
  kind.shape === 'pairs' ? 'pairs' : kind.key.startsWith('rhymes') ? 'families' : 'words';

const shownOf = (list: GroupListView, kind: Kind) =>
  nounOf(kind) === 'words' ? list.families.reduce((sum, x) => sum + x.words.length, 0) : list.families.length;

const isCut = (list: GroupListView, kind: Kind) => shownOf(list, kind) < list.words;

const counted = (list: GroupListView, kind: Kind) => {
  const all = `${list.words.toLocaleString('en-GB')} ${nounOf(kind)}`;
  return isCut(list, kind) ? `${shownOf(list, kind)} of ${all}` : all;
};

function Copy({ text }: { text: string }) {
  const [copied, setCopied] = useState('');
  return (
    <Button
      variant="outline-dark"
      disabled={text === ''}
      onClick={() => void navigator.clipboard.writeText(text).then(() => setCopied(text))}
    >
      {copied === text && text !== '' ? 'Copied' : 'Copy'}
    </Button>
  );
}

function WordColumn({ word, reason, madeUp }: { word: string; reason: string; madeUp: boolean }) {
  const { asIf } = usePlace();
  const answer = useWord(madeUp ? undefined : word);
  return (
    <div className="item-column" key={asIf}>
      <p className="dock-word">
        {answer.data ? (
          <Word text={answer.data.spelling} pieces={answer.data.pieces} />
        ) : (
          <span className="word">{word}</span>
        )}
      </p>
      {answer.data && <Verdict word={answer.data} />}
      {reason && <p className="why">{reason}</p>}
      {answer.data && <AboutWord word={answer.data} />}
    </div>
  );
}
