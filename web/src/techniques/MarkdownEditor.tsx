import { useEffect, useRef } from 'react';
import { defaultKeymap, history, historyKeymap } from '@codemirror/commands';
import {
  defaultHighlightStyle,
  defineLanguageFacet,
  Language,
  syntaxHighlighting,
} from '@codemirror/language';
import { EditorView, keymap } from '@codemirror/view';
import { parser } from '@lezer/markdown';
import styled from 'styled-components';
import { styleNonce } from '../nonce.js';

const Frame = styled.div`
  border: 1px solid #98a29b;
  border-radius: ${({ theme }) => theme.radius};
  .cm-editor {
    font-size: ${({ theme }) => theme.size.body};
  }
  .cm-content {
    padding: 0.625rem;
    font-family: ${({ theme }) => theme.font.text};
    line-height: 1.25rem;
    min-height: 20rem;
  }
  .cm-editor.cm-focused {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
`;

/** Markdown alone, without the languages of code that may stand in it. */
const markdown = new Language(defineLanguageFacet(), parser, [], 'markdown');

/** A text in Markdown. Tab leaves it, as it does every other field. */
export function MarkdownEditor({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  const place = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  // The editor holds its own text from here on; a new one is made for another note by its key.
  const first = useRef(value);
  const changed = useRef(onChange);
  changed.current = onChange;
  useEffect(() => {
    view.current = new EditorView({
      doc: first.current,
      parent: place.current!,
      extensions: [
        EditorView.cspNonce.of(styleNonce()),
        history(),
        keymap.of([...defaultKeymap, ...historyKeymap]),
        markdown,
        syntaxHighlighting(defaultHighlightStyle),
        EditorView.lineWrapping,
        EditorView.contentAttributes.of({ 'aria-label': label }),
        EditorView.updateListener.of((update) => {
          if (update.docChanged) changed.current(update.state.doc.toString());
        }),
      ],
    });
    return () => view.current?.destroy();
  }, [label]);
  return <Frame ref={place} />;
}
