import { Form } from 'react-bootstrap';
import type { ConventionsDocument, FinalE, Mark, MarkedWordView, MarkingCode } from '../../api/schema';
import { MARKS } from '../../word/useMarks';
import { Word } from '../../word/Word';
import { Choices, Way } from './Way';

interface Props {
  own: ConventionsDocument;
  whole: ConventionsDocument;
  /** Words of their own ladder, to see it on. */
  words: MarkedWordView[];
  set: (change: ConventionsDocument) => void;
}

const KINDS: [keyof MarkingCode, string][] = [
  ['oneLetter', 'one letter'],
  ['severalLetters', 'several letters'],
  ['split', 'split around a letter'],
  ['doubled', 'a doubled letter'],
  ['ending', 'an ending'],
  ['rimeUnit', 'a rime unit'],
  ['tricky', 'the tricky part'],
];

/** The marks under words, seen on words of their own while they are chosen. */
export function MarkWays({ own, whole, words, set }: Props) {
  const marks = own.marks ?? whole.marks;
  if (!marks) return null;
  const silentE = (own.finalE ?? whole.finalE) === 'silentMarker';
  return (
    <>
      <div className="mark-preview" role="group" aria-label="Words with these marks">
        {words.map((x) => (
          <Word key={x.text} text={x.text} pieces={x.pieces} code={{ marks, silentE }} />
        ))}
      </div>
      <Way
        name="The e of cake"
        own={own.finalE != null}
        back={() => set({ finalE: null })}
        why="Joined, the marks show which letters work together."
      >
        <Choices
          name="finalE"
          value={own.finalE ?? whole.finalE ?? ''}
          options={[
            ['splitDigraph', 'works with the vowel'],
            ['silentMarker', 'is silent, and marks the vowel'],
          ]}
          onChange={(x) => set({ finalE: x as FinalE })}
        />
      </Way>
      <Way
        name="Marks for each kind of part"
        own={own.marks != null}
        back={() => set({ marks: null })}
        why="The same on every screen, card and page. Teach the class the ones you choose."
      >
        <div className="mark-choices">
          {KINDS.filter(([kind]) => kind !== 'split' || !silentE).map(([kind, name]) => (
            <Form.Group key={kind} controlId={`mark-${kind}`}>
              <Form.Label>{name}</Form.Label>
              <Form.Select
                size="sm"
                value={marks[kind] ?? ''}
                onChange={(x) =>
                  set({
                    marks: { ...marks, [kind]: x.target.value === '' ? null : (x.target.value as Mark) },
                  })
                }
              >
                {(kind === 'ending' || kind === 'rimeUnit') && <option value="">as its letters are</option>}
                {(Object.keys(MARKS) as Mark[]).map((x) => (
                  <option key={x} value={x}>
                    {MARKS[x]}
                  </option>
                ))}
              </Form.Select>
            </Form.Group>
          ))}
        </div>
      </Way>
    </>
  );
}
