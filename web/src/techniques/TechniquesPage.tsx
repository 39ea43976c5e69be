import { useDeferredValue, useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { TechniqueView } from '@fornax/contract';
import { techniqueGroups, type TechniqueNote } from '@fornax/core';
import { Link, NavLink, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { call } from '../api/client.js';
import { techniquesQuery } from '../api/queries.js';
import { Button } from '../parts/Button.js';
import { lazyPart } from '../parts/lazy-part.js';
import { Field } from '../parts/Field.js';
import { Empty, Failed, Loading, Quietly, Row, Sheet } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import { TechniqueText } from '../parts/technique/TechniqueText.js';
import { linksAreOneStop } from '../parts/one-stop.js';
import { PageHeading } from '../parts/page.js';
import { SideList } from '../parts/kit.js';

const NoteEditor = lazyPart(
  () => import('./NoteEditor.js').then((module) => module.NoteEditor),
  () => <Loading what="the editor" />,
);

const Head = styled(Row)`
  justify-content: space-between;
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: 17.5rem minmax(0, 42.5rem);
  gap: 2.5rem;
  margin-top: 0.5rem;
  @media (max-width: 50em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Group = styled.section`
  margin-bottom: 1rem;
  h2 {
    font-size: ${({ theme }) => theme.size.body};
    line-height: 1.25rem;
    color: ${({ theme }) => theme.colour.quiet};
  }
`;
const Note = styled(NavLink)`
  display: block;
  padding: 0.25rem 0;
  color: ${({ theme }) => theme.colour.ink};
  text-decoration: none;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  &:hover {
    text-decoration: underline;
  }
  &.active {
    font-weight: 700;
    color: ${({ theme }) => theme.colour.basil};
  }
`;
const Used = styled.p`
  margin-top: 0.875rem;
  padding-top: 0.5rem;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
`;

/** How do I explain this? */
export default function TechniquesPage() {
  const { slug } = useParams();
  const navigate = useNavigate();
  const { data: notes, error, refetch } = useQuery(techniquesQuery);
  const [writing, setWriting] = useState<{ note: TechniqueNote; revision: number | null } | null>(null);
  const open = notes?.find((note) => note.id === slug) ?? (slug ? undefined : notes?.[0]);
  const isNamedByNote = slug !== undefined && open !== undefined && !writing;
  const done = (id: string | null) => {
    setWriting(null);
    if (id) void navigate(`/techniques/${id}`);
  };
  return (
    <Sheet>
      <Head>
        {isNamedByNote ? <h1>Techniques</h1> : <PageHeading names={['Techniques']}>Techniques</PageHeading>}
        <Button look="act" onPress={() => setWriting({ note: emptyNote(notes ?? []), revision: null })}>
          New note
        </Button>
      </Head>
      {error && !notes ? <Failed error={error} onRetry={() => void refetch()} /> : null}
      {!notes && !error ? <Loading what="the notes" /> : null}
      {notes ? (
        <Columns>
          <NoteList notes={notes} />
          {writing ? (
            <NoteEditor key={writing.note.id} note={writing.note} revision={writing.revision} onDone={done} />
          ) : open ? (
            <OpenNote
              note={open}
              isPage={isNamedByNote}
              onEdit={() => setWriting({ note: open, revision: open.revision })}
              onDuplicate={() => setWriting({ note: duplicateOf(open, notes), revision: null })}
            />
          ) : (
            <Empty title="No such note">Choose a note from the list.</Empty>
          )}
        </Columns>
      ) : null}
    </Sheet>
  );
}

function NoteList({ notes }: { notes: readonly TechniqueNote[] }) {
  const [search, setSearch] = useState('');
  const wanted = useDeferredValue(search.trim().toLowerCase());
  const found = notes.filter(
    (note) =>
      wanted === '' || `${note.title} ${note.why} ${note.how.join(' ')}`.toLowerCase().includes(wanted),
  );
  return (
    <div>
      <Field label="Find" type="search" value={search} onChange={setSearch} />
      <SideList aria-label="Technique notes" ref={linksAreOneStop}>
        {found.length === 0 ? <Quietly>No note has these words.</Quietly> : null}
        {techniqueGroups.map((group) => (
          <NoteGroup key={group} name={group} notes={found.filter((note) => note.group === group)} />
        ))}
      </SideList>
    </div>
  );
}

function NoteGroup({ name, notes }: { name: string; notes: readonly TechniqueNote[] }) {
  if (notes.length === 0) return null;
  return (
    <Group>
      <h2>{name.charAt(0).toUpperCase() + name.slice(1)}</h2>
      {notes.map((note) => (
        <Note key={note.id} to={`/techniques/${note.id}`}>
          {note.title}
        </Note>
      ))}
    </Group>
  );
}

function NoteHeading({ title, isPage }: { title: string; isPage: boolean }) {
  if (!isPage) return <h2>{title}</h2>;
  return (
    <PageHeading level={2} names={[title, 'Techniques']} sheet={title}>
      {title}
    </PageHeading>
  );
}

function OpenNote({
  note,
  isPage,
  onEdit,
  onDuplicate,
}: {
  note: TechniqueView;
  /** The page is named by it. */
  isPage: boolean;
  onEdit: () => void;
  onDuplicate: () => void;
}) {
  const client = useQueryClient();
  const say = useSay();
  const navigate = useNavigate();
  const refresh = () => client.invalidateQueries({ queryKey: techniquesQuery.queryKey });
  const remove = async () => {
    await call(`/techniques/${note.id}`, { method: 'DELETE' });
    await refresh();
    void navigate('/techniques');
    say(`“${note.title}” was deleted.`, {
      label: 'Undo',
      run: () => void call(`/techniques/${note.id}/restore`, { method: 'POST' }).then(refresh),
    });
  };
  return (
    <article>
      <Head>
        <NoteHeading title={note.title} isPage={isPage} />
        <Row $gap={2}>
          <Button onPress={onEdit}>Edit</Button>
          <Button onPress={onDuplicate}>Duplicate</Button>
          <Button look="harm" onPress={() => void remove().catch((error: Error) => say(error.message))}>
            Delete
          </Button>
        </Row>
      </Head>
      <TechniqueText note={note} />
      <Used>
        {note.usedBy.length > 0 ? (
          <>
            Used in{' '}
            {note.usedBy.map(({ id, title }, index) => (
              <span key={id}>
                {index > 0 ? ', ' : ''}
                <Link to={`/recipes/${id}`}>{title}</Link>
              </span>
            ))}
          </>
        ) : (
          <Quietly>No recipe uses it yet.</Quietly>
        )}
      </Used>
    </article>
  );
}

/** A free id made of a title's words: ids stand in steps, so they are never reused. */
function freeId(title: string, notes: readonly TechniqueNote[]): string {
  const words =
    title
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 30) || 'note';
  const taken = new Set(notes.map(({ id }) => id));
  let id = words;
  for (let number = 2; taken.has(id); number++) id = `${words}-${number}`;
  return id;
}

function emptyNote(notes: readonly TechniqueNote[]): TechniqueNote {
  return {
    id: freeId(`own note ${notes.length + 1}`, notes),
    title: '',
    group: 'finish',
    why: '',
    how: [],
    lookFor: '',
    goesWrong: [],
    caution: '',
    anotherWay: '',
    beginnerMinutes: 5,
    beginnerPer: '',
    shownMinutes: 3,
  };
}

function duplicateOf(note: TechniqueNote, notes: readonly TechniqueNote[]): TechniqueNote {
  return { ...note, id: freeId(note.title, notes), title: `${note.title}, another` };
}
