/** What stands in place of a page that is on its way. */
export function Waiting({ what }: { what: string }) {
  return <p className="waiting">{what} …</p>;
}

/** What stands in place of a page that can't be shown. */
export function Failure({ sentence }: { sentence: string }) {
  return (
    <main className="empty" role="alert">
      <h1>That can’t be shown</h1>
      <p>{sentence}</p>
      <p>
        <a href="/">Go to today’s lesson</a>
      </p>
    </main>
  );
}
