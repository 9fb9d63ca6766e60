/** What stands in for a part of a page that is still being fetched; it shows after a moment, so that nothing flickers. */
export function Loading() {
  return (
    <p className="loading" role="status">
      Loading…
    </p>
  );
}
