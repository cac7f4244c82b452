import type { GroupFamilyView, GroupWordView } from '../api/schema';
import { shown } from '../word/grapheme';
import { Word } from '../word/Word';
import type { Kind } from './kinds';

interface Props {
  families: GroupFamilyView[];
  kind: Kind;
  chosen?: string;
  /** Left out on paper, where nothing can be chosen. */
  onChoose?: (x: GroupWordView) => void;
}

/** The words themselves, large: families under what they share, pairs side by side, a chain step by step. */
export function ListWords({ families, kind, chosen, onChoose }: Props) {
  const text = (x: GroupWordView) => <Word text={x.spelling} pieces={x.pieces} />;
  const one = (x: GroupWordView, at: number) =>
    onChoose ? (
      <button
        type="button"
        key={`${x.spelling} ${at}`}
        className={x.spelling === chosen ? 'item chosen' : 'item'}
        onClick={() => onChoose(x)}
      >
        {text(x)}
      </button>
    ) : (
      <span className="sheet-item" key={`${x.spelling} ${at}`}>
        {text(x)}
      </span>
    );
  if (kind.shape === 'chain') {
    return (
      <ol className="list-chain">
        {families[0]?.words.map((x, at) => (
          <li key={x.spelling}>
            {one(x, at)}
            <span className="said">{x.reason}</span>
          </li>
        ))}
      </ol>
    );
  }
  return (
    <div className={kind.shape === 'pairs' ? 'list-pairs' : 'list-families'}>
      {families.map((x, at) => (
        <section key={`${x.shared} ${at}`}>
          {x.shared && <h2 className={kind.shape === 'pairs' ? 'said' : 'shared'}>{shown(x.shared)}</h2>}
          <div className="items">{x.words.map(one)}</div>
        </section>
      ))}
    </div>
  );
}
