import { useRef, useState, type ClipboardEvent, type DragEvent } from 'react';
import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import type { LadderSummary } from '../api/schema';
import { ImportPreview } from './ImportPreview';
import { Starters } from './Starters';
import { useImport, type Import } from './useImport';
import type { Dated } from './NewGroup';
import type { SetUp } from './useSetUp';

interface Props {
  schoolId: string;
  setUp: SetUp;
  onNext: () => void;
  onDated: (dated?: Dated) => void;
}

/** A ladder brought in from what the school keeps; the ladders there are, when there are some. */
export function LadderStep({ schoolId, setUp, onNext, onDated }: Props) {
  const brought = useImport(schoolId);
  const [kept, setKept] = useState<LadderSummary>();
  const [put, setPut] = useState<LadderSummary>();
  const ladders = setUp.ladders.data ?? [];
  if (brought.body) {
    return (
      <ImportPreview
        brought={brought}
        setUp={setUp}
        onKept={(x, dated) => {
          onDated(dated);
          brought.clear();
          setKept(x);
          setPut(undefined);
        }}
        onPut={(x) => {
          brought.clear();
          setPut(x);
          setKept(undefined);
        }}
      />
    );
  }
  return (
    <>
      <h1>The ladder</h1>
      {kept && (
        <div className="just-kept" role="status">
          <p>
            <b>{kept.name}</b> is kept.
          </p>
          <Button variant="dark" onClick={onNext}>
            Go on to the groups
          </Button>{' '}
          <Button
            variant="outline-dark"
            disabled={setUp.takeBackLadder.isPending}
            onClick={() => setUp.takeBackLadder.mutate(kept.id, { onSuccess: () => setKept(undefined) })}
          >
            Undo: brought in {kept.name}
          </Button>
          {setUp.takeBackLadder.error && <p role="alert">{setUp.takeBackLadder.error.message}</p>}
        </div>
      )}
      {put && (
        <div className="just-kept" role="status">
          <p>
            The draft of <b>{put.name}</b> is in this order now. Lessons follow it when you let them; what a
            group was taught stays as it is.
          </p>
          <Link
            className="btn btn-dark"
            to={put.groups[0] ? `/${schoolId}/${put.groups[0]}/ladder` : `/${schoolId}/ladders/${put.id}`}
          >
            Look it through, or undo it there
          </Link>
        </div>
      )}
      {ladders.length > 0 && !kept && (
        <ul className="ladders">
          {ladders.map((x) => (
            <li key={x.id}>
              <b>{x.name}</b>{' '}
              <span className="hint">
                {x.groups.length === 0
                  ? 'no group is taught by it'
                  : x.groups.length === 1
                    ? 'one group is taught by it'
                    : `${x.groups.length} groups are taught by it`}
              </span>{' '}
              <span className="files">
                keep it as{' '}
                {['xlsx', 'csv', 'json', 'svg'].map((format) => (
                  <a
                    key={format}
                    href={`/api/schools/${schoolId}/ladders/${x.id}/file?format=${format}`}
                    download
                  >
                    .{format}
                  </a>
                ))}
              </span>{' '}
              <Link to={x.groups[0] ? `/${schoolId}/${x.groups[0]}/ladder` : `/${schoolId}/ladders/${x.id}`}>
                Open the ladder
              </Link>
              {x.groups.length === 0 && (
                <Button
                  size="sm"
                  variant="link"
                  disabled={setUp.takeBackLadder.isPending}
                  onClick={() => setUp.takeBackLadder.mutate(x.id)}
                >
                  Take it away
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
      {!kept && (
        <>
          <BringIn brought={brought} again={ladders.length > 0} />
          <Starters schoolId={schoolId} onTaken={setKept} />
        </>
      )}
    </>
  );
}

/** A place to drop a file, choose one, or paste cells. */
function BringIn({ brought, again }: { brought: Import; again: boolean }) {
  const input = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const [typed, setTyped] = useState('');
  const take = (files: FileList | null) => {
    const file = files?.[0];
    if (file) void brought.file(file);
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    take(event.dataTransfer.files);
  };
  // A table comes as a page; plain text would lose which cells were joined.
  const paste = (event: ClipboardEvent) => {
    const page = event.clipboardData.getData('text/html');
    if (/<(table|li)\b/i.test(page)) {
      event.preventDefault();
      brought.paste(page);
    } else if (event.clipboardData.getData('text/plain').includes('\n')) {
      event.preventDefault();
      brought.paste(event.clipboardData.getData('text/plain'));
    }
  };
  return (
    <section
      className={over ? 'bring-in over' : 'bring-in'}
      aria-label="Bring in an order"
      onDragOver={(x) => {
        x.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      <h2>{again ? 'Bring in another order' : 'The order you teach in, as you keep it'}</h2>
      <p>
        Drop the spreadsheet here, or{' '}
        <Button variant="dark" onClick={() => input.current?.click()}>
          Choose a file
        </Button>
      </p>
      <input
        ref={input}
        type="file"
        className="visually-hidden"
        aria-label="A file with the order"
        tabIndex={-1}
        accept=".xlsx,.ods,.csv,.tsv,.txt"
        onChange={(x) => take(x.target.files)}
      />
      <p className="hint">
        .xlsx, .ods, .csv or .tsv. It is read as it is: week by week, day by day, or one long list.
      </p>
      <label htmlFor="pasted">Or paste its cells, or type the order, a line for each step</label>
      <textarea
        id="pasted"
        className="form-control"
        rows={5}
        value={typed}
        onChange={(x) => setTyped(x.target.value)}
        onPaste={paste}
        placeholder={'m o b t\nthe, to\nsh (ship)\noa as in boat'}
      />
      {typed.trim() !== '' && (
        <Button variant="outline-dark" onClick={() => brought.paste(typed)}>
          Read what I typed
        </Button>
      )}
    </section>
  );
}
