import type { TechniqueNote } from '@fornax/core';
import styled from 'styled-components';
import { Drawing } from './drawings.js';
import { MarkdownText } from './MarkdownText.js';

const Parts = styled.dl`
  margin-top: 0.5rem;
  dt {
    margin-top: 0.5rem;
    font-weight: 700;
  }
  ol {
    list-style: decimal;
    padding-left: 1.25rem;
  }
`;
const Caution = styled.div`
  margin-top: 0.625rem;
  padding-left: 0.625rem;
  border-left: 3px solid ${({ theme }) => theme.colour.beet};
  dt {
    color: ${({ theme }) => theme.colour.beet};
    margin: 0;
  }
`;
const Pair = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.25rem 1.25rem;
  padding: 2px 0;
`;

/**
 * A technique note: why, how, look for, goes wrong, caution, another way, with its drawing where there is
 * one.
 */
export function TechniqueText({ note }: { note: TechniqueNote }) {
  return (
    <Parts>
      <Part name="Why" text={note.why} />
      <dt>How</dt>
      <dd>
        <Drawing id={note.id} title={note.title} />
        <ol>
          {note.how.map((step, index) => (
            <li key={index}>
              <MarkdownText text={step} />
            </li>
          ))}
        </ol>
      </dd>
      <Part name="Look for" text={note.lookFor} />
      <GoesWrong pairs={note.goesWrong} />
      {note.caution ? (
        <Caution>
          <Part name="Caution" text={note.caution} />
        </Caution>
      ) : null}
      <Part name="Another way" text={note.anotherWay} />
      {note.beginnerMinutes > 0 ? (
        <>
          <dt>A beginner takes</dt>
          <dd>
            ~{note.beginnerMinutes} min{note.beginnerPer ? ` for ${note.beginnerPer}` : ''}
          </dd>
        </>
      ) : null}
      {(note.shownMinutes ?? 0) > 0 ? (
        <>
          <dt>Shown for</dt>
          <dd>~{note.shownMinutes} min, to a class that has not met it</dd>
        </>
      ) : null}
    </Parts>
  );
}

function Part({ name, text }: { name: string; text: string }) {
  if (!text) return null;
  return (
    <>
      <dt>{name}</dt>
      <dd>
        <MarkdownText text={text} />
      </dd>
    </>
  );
}

function GoesWrong({ pairs }: { pairs: TechniqueNote['goesWrong'] }) {
  if (pairs.length === 0) return null;
  return (
    <>
      <dt>Goes wrong</dt>
      <dd>
        {pairs.map(({ wrong, mend }, index) => (
          <Pair key={index}>
            <MarkdownText text={wrong} />
            <MarkdownText text={mend} />
          </Pair>
        ))}
      </dd>
    </>
  );
}
