import { useEffect } from 'react';

/** What the browser calls the page: the most particular first. */
export function useTitle(...parts: string[]): void {
  const title = [...parts, 'Bold Wedge'].join(' · ');
  useEffect(() => {
    document.title = title;
  }, [title]);
}
