import { useQuery } from '@tanstack/react-query';
import { techniqueGroups, type TechniqueNote } from '@fornax/core';
import { NavLink, useParams } from 'react-router';
import styled from 'styled-components';
import { techniquesQuery } from '../api/queries.js';
import { Empty, Failed, Loading, Sheet } from '../parts/states.js';
import { TechniqueText } from './TechniqueText.js';

const Columns = styled.div`display: grid; grid-template-columns: 280px minmax(0, 620px); gap: 40px; margin-top: 12px; @media (max-width: 800px) { grid-template-columns: 1fr; }`;
const Group = styled.section`margin-bottom: 16px; h3 { font-size: 14px; color: ${({ theme }) => theme.colour.quiet}; }`;
const Note = styled(NavLink)`display: block; padding: 4px 0; color: ${({ theme }) => theme.colour.ink}; text-decoration: none; border-bottom: 1px solid ${({ theme }) => theme.colour.hairline}; &:hover { text-decoration: underline; } &.active { font-weight: 700; color: ${({ theme }) => theme.colour.basil}; }`;

/** How do I explain this? */
export default function TechniquesPage() {
  const { slug } = useParams();
  const { data: notes, error, refetch } = useQuery(techniquesQuery);
  const open = notes?.find((note) => note.id === slug) ?? (slug ? undefined : notes?.[0]);
  return (
    <Sheet>
      <h1>Techniques</h1>
      {error && !notes ? <Failed error={error} onRetry={() => void refetch()} /> : null}
      {!notes && !error ? <Loading what="the notes" /> : null}
      {notes ? (
        <Columns>
          <nav aria-label="Technique notes">{techniqueGroups.map((group) => <NoteGroup key={group} name={group} notes={notes.filter((note) => note.group === group)} />)}</nav>
          {open ? <article><h2>{open.title}</h2><TechniqueText note={open} /></article> : <Empty title="No such note">Choose a note from the list.</Empty>}
        </Columns>
      ) : null}
    </Sheet>
  );
}

function NoteGroup({ name, notes }: { name: string; notes: readonly TechniqueNote[] }) {
  if (notes.length === 0) return null;
  return <Group><h3>{name.charAt(0).toUpperCase() + name.slice(1)}</h3>{notes.map((note) => <Note key={note.id} to={`/techniques/${note.id}`}>{note.title}</Note>)}</Group>;
}
