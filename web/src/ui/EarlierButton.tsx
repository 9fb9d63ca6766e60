import { Button } from 'antd';

/** Asks for the page before the last one shown; nothing where there is none. */
export function EarlierButton({
  pages,
}: {
  pages: { hasNextPage: boolean; isFetchingNextPage: boolean; fetchNextPage: () => unknown };
}) {
  return pages.hasNextPage ? (
    <Button loading={pages.isFetchingNextPage} onClick={() => void pages.fetchNextPage()}>
      Earlier
    </Button>
  ) : null;
}
