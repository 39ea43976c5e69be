import { writeFornaxRecipes, writeJsonLd, writeMarkdown, type Recipe } from '@fornax/core';
import { Menu, MenuItem, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { FloatingList } from '../parts/Choice.js';
import { saveFile } from '../parts/save-file.js';

const Item = styled(MenuItem)`
  padding: 8px 14px;
  cursor: pointer;
  outline: none;
  &[data-focused] {
    background: ${({ theme }) => theme.colour.basilPale};
  }
`;

const formats = {
  markdown: { name: 'Markdown', ending: 'md', type: 'text/markdown', write: writeMarkdown },
  jsonld: {
    name: 'JSON-LD, for other programs',
    ending: 'jsonld',
    type: 'application/ld+json',
    write: writeJsonLd,
  },
  fornax: {
    name: 'Fornax file, nothing left out',
    ending: 'json',
    type: 'application/json',
    write: (recipe: Recipe) => writeFornaxRecipes([recipe]),
  },
} as const;

/** Saves the recipe as a file, or prints it. */
export function Exports({ recipe }: { recipe: Recipe }) {
  const choose = (key: keyof typeof formats | 'print') => {
    if (key === 'print') return window.print();
    const { ending, type, write } = formats[key];
    return saveFile(
      `${
        recipe.title
          .toLowerCase()
          .replace(/[^a-z0-9]+/g, '-')
          .replace(/^-|-$/g, '') || 'recipe'
      }.${ending}`,
      type,
      write(recipe),
    );
  };
  return (
    <MenuTrigger>
      <Button>Take out</Button>
      <FloatingList>
        <Menu onAction={(key) => choose(key as keyof typeof formats | 'print')}>
          {Object.entries(formats).map(([id, { name }]) => (
            <Item key={id} id={id}>
              {name}
            </Item>
          ))}
          <Item id="print">Print</Item>
        </Menu>
      </FloatingList>
    </MenuTrigger>
  );
}
