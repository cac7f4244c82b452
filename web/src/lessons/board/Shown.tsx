import type { CSSProperties } from 'react';
import type { ItemView } from '../../api/schema';
import { shown } from '../../word/grapheme';
import { Word } from '../../word/Word';
import { SentenceText } from '../Item';
import { inTheirOrder, Picture } from '../Pictures';
import { columns } from '../wording';
import type { Slide } from './slides';

interface Props {
  slide: Slide;
  /** How much of it is uncovered. */
  step: number;
}

/** What stands on the board, by its form: unmarked at first, and what is to be written hidden until it is uncovered. */
export function Shown({ slide, step }: Props) {
  const { block, items } = slide;
  const [item] = items;
  if (!block) return null;
  if (!item) return <p className="board-ask">{block.ask || block.name}</p>;
  switch (block.form) {
    case 'cards':
      return <p className="board-letters">{shown(item.text)}</p>;
    case 'meet':
      return (
        <div className="board-meet">
          <p className="board-letters">{shown(item.text)}</p>
          {item.picture && (
            <p className="plain-word">
              <Picture picture={item.picture} beside />
              {item.picture.word}
            </p>
          )}
        </div>
      );
    case 'grid':
      return (
        <p className="board-grid">
          {items.map((x) => (
            <span key={x.id}>{shown(x.text)}</span>
          ))}
        </p>
      );
    case 'sounds':
      return step === 0 ? (
        <p className="board-letters">
          <Hidden />
        </p>
      ) : (
        <p className="board-letters">{item.spellings.map(shown).join('   ')}</p>
      );
    case 'boxes':
      return <Boxes item={item} step={step} />;
    case 'pairs':
      return (
        <div className="board-pair">
          {items.map((x) => (
            <p className="board-word" key={x.id} style={long(x.text)}>
              <Word text={x.text} pieces={x.pieces} marked={step > 0} />
            </p>
          ))}
        </div>
      );
    case 'sort':
      return <Sort slide={slide} item={item} step={step} />;
    case 'chain':
      return (
        <>
          <p className="board-before">{slide.placed.at(-1)?.text ?? ' '}</p>
          <p className="board-word" style={long(item.text)}>
            {step === 0 ? <Hidden /> : <Word text={item.text} pieces={item.pieces} />}
          </p>
        </>
      );
    case 'gaps':
      return (
        <p className={item.kind === 'sentence' ? 'board-sentence' : 'board-word'} style={long(item.text)}>
          {step === 0 ? item.gap : <Filled item={item} />}
        </p>
      );
    case 'sentences':
      return block.activity === 'writeSentence' && step === 0 ? (
        <p className="board-sentence" role="img" aria-label="Hidden">
          {item.text.split(' ').map((x, at) => (
            <span className="board-line" key={at} style={{ width: `${x.length * 0.55}em` }} />
          ))}
        </p>
      ) : (
        <p className="board-sentence">
          <SentenceText text={item.text} tricky={step > 0 ? item.tricky : []} />
        </p>
      );
    case 'text':
      return (
        <div className="board-story">
          <h1>{item.heading}</h1>
          <p>{item.text}</p>
          {items.length > 1 && (
            <p className="board-given">
              {items.slice(1).map((x) => (
                <span key={x.id}>{x.text}</span>
              ))}
            </p>
          )}
        </div>
      );
    case 'picturesAlone':
      return <Alone items={items} step={step} />;
    case 'pictures':
      return <ToPictures slide={slide} item={item} step={step} />;
    default:
      return (
        <p className="board-word" style={long(item.text)}>
          <Word text={item.text} pieces={item.pieces} marked={step > 0} />
        </p>
      );
  }
}

/** Pictures and no word: all of them, or one and the letter it begins with. */
const Alone = ({ items, step }: { items: ItemView[]; step: number }) => {
  const pictures = (
    <div className={items.length === 1 ? 'board-pictures alone' : 'board-pictures many'}>
      {inTheirOrder(items).map((x) => (
        <p key={x.id}>
          <Picture picture={x.picture} />
        </p>
      ))}
    </div>
  );
  return items.length > 1 ? (
    pictures
  ) : (
    <div className="board-begins">
      {pictures}
      <p className="board-letters">{step > 0 ? shown(items[0]?.heading ?? '') : '\u00a0'}</p>
    </div>
  );
};

/** The word, and the pictures; each that is found has its word under it. What is written about stands without one. */
function ToPictures({ slide, item, step }: { slide: Slide; item: ItemView; step: number }) {
  const found = new Set([...slide.placed, ...(step > 0 ? [item] : [])].map((x) => x.id));
  const alone = slide.among.length === 1;
  return (
    <>
      {!alone && (
        <p className="board-word" style={long(item.text)}>
          <Word text={item.text} pieces={item.pieces} marked={step > 0} />
        </p>
      )}
      <div className={alone ? 'board-pictures alone' : 'board-pictures'}>
        {inTheirOrder(slide.among).map((x) => (
          <p key={x.id}>
            <Picture picture={x.picture} beside={found.has(x.id)} />
            <span className="plain-word">{found.has(x.id) ? x.picture.word : '\u00a0'}</span>
          </p>
        ))}
      </div>
    </>
  );
}

/** A long word is written smaller, so that it keeps to its line. */
const long = (text: string) => ({ '--letters': text.length }) as CSSProperties;

const Hidden = () => (
  <span className="board-hidden" role="img" aria-label="Hidden">
    ?
  </span>
);

const Filled = ({ item }: { item: ItemView }) =>
  item.kind === 'sentence' ? (
    <SentenceText text={item.text} tricky={[item.heading]} />
  ) : (
    <Word text={item.text} pieces={item.pieces} />
  );

/** A box for each sound; each press uncovers one grapheme. */
function Boxes({ item, step }: { item: ItemView; step: number }) {
  return (
    <p
      className="board-boxes"
      role="img"
      style={long(item.text)}
      aria-label={step < item.pieces.length ? 'Hidden' : item.text}
    >
      {item.text.split('').map((letter, at) => {
        const piece = item.pieces.findIndex((x) => x.letters.includes(at));
        const next = item.pieces.findIndex((x) => x.letters.includes(at + 1));
        return (
          <span className={piece === next ? 'joined' : undefined} key={at}>
            {piece >= 0 && piece < step ? letter : '\u00a0'}
          </span>
        );
      })}
    </p>
  );
}

/** The headings, the words put under them, and the word to be put. */
function Sort({ slide, item, step }: { slide: Slide; item: ItemView; step: number }) {
  const placed = new Map(columns(step === 2 ? [...slide.placed, item] : slide.placed));
  return (
    <>
      <p className="board-word" style={long(item.text)}>
        {step < 2 ? <Word text={item.text} pieces={item.pieces} marked={step > 0} /> : '\u00a0'}
      </p>
      <div className="board-columns">
        {slide.headings.map((x) => (
          <div key={x}>
            <h2>{shown(x)}</h2>
            {(placed.get(x) ?? []).map((word) => (
              <p key={word.id}>{word.text}</p>
            ))}
          </div>
        ))}
      </div>
    </>
  );
}
