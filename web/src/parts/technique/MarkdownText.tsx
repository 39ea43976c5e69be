import Markdown from 'react-markdown';
import styled from 'styled-components';

const Words = styled.div`
  overflow-wrap: anywhere;
  p + p,
  ul,
  ol {
    margin-top: 0.25rem;
  }
  ul {
    list-style: disc;
    padding-left: 1.25rem;
  }
  ol {
    list-style: decimal;
    padding-left: 1.25rem;
  }
`;
/**
 * What a note's words may become. No HTML, pictures or frames: what is written as such is shown as written or
 * dropped.
 */
const allowed = ['p', 'strong', 'em', 'ul', 'ol', 'li', 'a', 'code', 'br', 'del', 'blockquote'];

/** Words in Markdown, sanitised: only plain text marks come through, and links open apart. */
export function MarkdownText({ text }: { text: string }) {
  return (
    <Words>
      <Markdown
        skipHtml
        allowedElements={allowed}
        unwrapDisallowed
        components={{
          a: ({ href, children }) => (
            <a href={href} target="_blank" rel="noreferrer noopener">
              {children}
            </a>
          ),
        }}
      >
        {text}
      </Markdown>
    </Words>
  );
}
