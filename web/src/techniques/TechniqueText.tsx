import type { TechniqueNote } from '@fornax/core';
import styled from 'styled-components';

const Parts = styled.dl`
  margin-top: 8px;
  dt { margin-top: 8px; font-weight: 700; }
  ol { list-style: decimal; padding-left: 20px; }
`;
const Caution = styled.div`margin-top: 10px; padding-left: 10px; border-left: 3px solid ${({ theme }) => theme.colour.beet}; dt { color: ${({ theme }) => theme.colour.beet}; margin: 0; }`;

/** A technique note: why, how, look for, goes wrong, caution, another way. */
export function TechniqueText({ note }: { note: TechniqueNote }) {
  return (
    <Parts>
      <dt>Why</dt><dd>{note.why}</dd>
      <dt>How</dt><dd><ol>{note.how.map((step) => <li key={step}>{step}</li>)}</ol></dd>
      <dt>Look for</dt><dd>{note.lookFor}</dd>
      <dt>Goes wrong</dt><dd>{note.goesWrong.map(({ wrong, mend }) => <p key={wrong}>{wrong} {mend}</p>)}</dd>
      {note.caution ? <Caution><dt>Caution</dt><dd>{note.caution}</dd></Caution> : null}
      {note.anotherWay ? <><dt>Another way</dt><dd>{note.anotherWay}</dd></> : null}
      <dt>A beginner takes</dt><dd>~{note.beginnerMinutes} min for one station</dd>
    </Parts>
  );
}
