import { Form } from 'react-bootstrap';
import type { ConventionsDocument, TermsDocument } from '../../api/schema';
import { Way } from './Way';

interface Props {
  own: ConventionsDocument;
  terms: TermsDocument;
  set: (change: ConventionsDocument) => void;
}

/** What the school calls things. */
export function TermWays({ own, terms, set }: Props) {
  const fields: [keyof TermsDocument, string, string][] = [
    ['trickyWord', 'A word taught before its parts are', 'Your words stand on every screen and page.'],
    ['madeUpWord', 'A word that is none, to be read by its sounds', ''],
    [
      'soundOut',
      'Saying the sounds of a word in turn',
      `On the adult’s page: “Children ${terms.soundOut} each word, then say it.”`,
    ],
  ];
  return fields.map(([key, name, why], at) => (
    <Way
      key={key}
      name={name}
      own={at === 0 && own.terms != null}
      back={() => set({ terms: null })}
      why={why}
    >
      <Form.Control
        size="sm"
        aria-label={name}
        maxLength={40}
        value={terms[key]}
        onChange={(x) => set({ terms: { ...terms, [key]: x.target.value } })}
      />
    </Way>
  ));
}
