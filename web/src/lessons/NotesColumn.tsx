import { Button } from 'react-bootstrap';
import type { LessonView } from '../api/schema';

/** What the person teaching should know before they begin, when nothing is chosen. */
export function NotesColumn({ lesson, onReshape }: { lesson: LessonView; onReshape?: () => void }) {
  return (
    <div className="notes">
      <h2>From last time</h2>
      <p>
        {lesson.shaky.length > 0 ? (
          <>
            <b>{lesson.shaky.join(' and ')}</b> {lesson.shaky.length === 1 ? 'was' : 'were'} shaky: back
            today.
          </>
        ) : (
          'Nothing was shaky.'
        )}
      </p>
      <h2>Have ready</h2>
      <p>{lesson.ready.join(', ')}.</p>
      {lesson.carried.length > 0 && (
        <>
          <h2>Carried to another day</h2>
          <p>
            {lesson.carried.length} {lesson.carried.length === 1 ? 'thing is' : 'things are'} due and did not
            fit: <span className="plain-word">{lesson.carried.join(', ')}</span>
          </p>
        </>
      )}
      {lesson.tooManyTricky.length > 0 && (
        <>
          <h2>Many {lesson.terms.trickyWords} at once</h2>
          <p>
            {lesson.tooManyTricky.length} are not yet read at sight; ten are enough to be learning at a time:{' '}
            <span className="plain-word">{lesson.tooManyTricky.join(', ')}</span>
          </p>
        </>
      )}
      {lesson.teaching.notes && (
        <>
          <h2>Notes on the rung</h2>
          <p>{lesson.teaching.notes}</p>
        </>
      )}
      {onReshape && (
        <p>
          <Button size="sm" variant="outline-dark" onClick={onReshape}>
            Change its pieces
          </Button>
        </p>
      )}
      <p className="hint">
        Choose any word to see its split and why it is here.
        {onReshape && ' A piece is dragged by the dots at its left.'}
      </p>
    </div>
  );
}
