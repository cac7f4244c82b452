import { Modal } from 'react-bootstrap';

const KEYS: [string, string][] = [
  ['/', 'ask about a word'],
  ['s', 'swap the chosen item'],
  ['a', 'add one more like it'],
  ['l', 'lock or unlock it'],
  ['x', 'drop it'],
  ['← →', 'go to the item before or after'],
  ['Ctrl + Z, Ctrl + Y', 'undo; do again'],
  ['Alt + ↑ ↓', 'move the chosen rung'],
  ['m', 'carry it: arrows, then Enter'],
  ['Ctrl + X, C, V', 'cut, copy, paste rungs'],
  ['?', 'these keys'],
];

export function Keys({ show, onHide }: { show: boolean; onHide: () => void }) {
  return (
    <Modal show={show} onHide={onHide} size="sm" aria-labelledby="keys-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="keys-title">
          Keys
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <dl className="keys">
          {KEYS.map(([key, what]) => (
            <div key={key}>
              <dt>
                <kbd>{key}</kbd>
              </dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
      </Modal.Body>
    </Modal>
  );
}
