import { useEffect, useRef, type ReactNode } from 'react';
import { styleString } from '@fornax/core';
import { useLocation, useNavigationType } from 'react-router';
import { createGlobalStyle } from 'styled-components';
import { VisuallyHidden } from '../theme/visually-hidden.js';

/** Where the page says its name to those who do not see that it is another one. */
const announcerId = 'announcer';

/** The address whose page was shown last; null before the first, which the browser announces itself. */
let shownAt: string | null = null;

/** Whether something was pressed since the address changed: what was reached then keeps the focus. */
let isTouched = false;

interface Named {
  /** From the closest to the widest: "Shop", "Roots and citrus". */
  readonly names: readonly string[];
  /** What the page is called where it is printed or saved: "Roots and citrus, shopping list". */
  readonly sheet?: string;
}

/** What stands at the head of every page of a sheet on paper. */
const RunningHead = createGlobalStyle<{ $text: string }>`
  @page { @top-left { content: ${({ $text }) => styleString($text)}; } }
`;

/**
 * The heading of a page. It names the document; and where one came here from another page, it is announced
 * and has the focus, unless the page came so late that something else was reached meanwhile. A page has one:
 * that of what was opened last.
 */
export function PageHeading({
  level = 1,
  names,
  sheet,
  head = sheet ?? names[0] ?? '',
  children,
}: Named & {
  level?: 1 | 2;
  /** The running head on paper. */
  head?: string;
  children: ReactNode;
}) {
  const heading = useRef<HTMLHeadingElement>(null);
  const title = useTitle({ names, sheet });
  // The title of a page changes as its class is renamed: that is no arrival.
  const said = useRef(title);
  useEffect(() => {
    said.current = title;
  }, [title]);
  const { pathname } = useLocation();
  useEffect(() => {
    const isFirst = shownAt === null;
    const isShown = shownAt === pathname;
    shownAt = pathname;
    if (isFirst || isShown) return;
    if (!isTouched || document.activeElement === document.body) heading.current?.focus();
    const announcer = document.getElementById(announcerId);
    if (announcer) announcer.textContent = said.current;
  }, [pathname]);
  const Heading = level === 1 ? 'h1' : 'h2';
  return (
    <>
      <RunningHead $text={head} />
      <Heading ref={heading} tabIndex={-1}>
        {children}
      </Heading>
    </>
  );
}

/** What is printed apart from its page has a name and a running head of its own, as long as it is there. */
export function PaperName({ sheet, head }: { sheet: string; head: string }) {
  useEffect(() => {
    // Heard after that of the page, whose name it takes the place of.
    const asSheet = () => (document.title = sheet);
    window.addEventListener('beforeprint', asSheet);
    return () => window.removeEventListener('beforeprint', asSheet);
  }, [sheet]);
  return <RunningHead $text={head} />;
}

/** Names the document, and names it as its sheet while it is printed. */
function useTitle({ names, sheet }: Named): string {
  const title = [...names, 'Fornax'].join(' · ');
  useEffect(() => {
    document.title = title;
    const asSheet = () => (document.title = sheet ?? title);
    const asPage = () => (document.title = title);
    window.addEventListener('beforeprint', asSheet);
    window.addEventListener('afterprint', asPage);
    return () => {
      window.removeEventListener('beforeprint', asSheet);
      window.removeEventListener('afterprint', asPage);
    };
  }, [title, sheet]);
  return title;
}

/** Says the name of a page on arrival. It stands outside of the pages: it must be there before they are. */
export function Announcer() {
  const { pathname } = useLocation();
  const isRedirected = useNavigationType() === 'REPLACE';
  const redirected = useRef(isRedirected);
  redirected.current = isRedirected;
  useEffect(() => {
    // What leads on by itself is the same arrival.
    if (!redirected.current) isTouched = false;
    const touch = () => (isTouched = true);
    const kinds = ['keydown', 'pointerdown'];
    kinds.forEach((kind) => window.addEventListener(kind, touch, true));
    return () => kinds.forEach((kind) => window.removeEventListener(kind, touch, true));
  }, [pathname]);
  return <VisuallyHidden id={announcerId} aria-live="polite" />;
}
