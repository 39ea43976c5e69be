import type { Recipe } from '@fornax/core';
import { saveFile } from '../parts/files/save-file.js';
import { useFileWork } from '../parts/files/useFileWork.js';
import { MenuButton } from '../parts/menu/MenuButton.js';

const formats = {
  markdown: { name: 'Markdown', ending: 'md', type: 'text/markdown' },
  jsonld: { name: 'JSON-LD, for other programs', ending: 'jsonld', type: 'application/ld+json' },
  fornax: { name: 'Fornax file, nothing left out', ending: 'json', type: 'application/json' },
} as const;

/** Saves the recipe as a file, or prints it. */
export function Exports({ recipe }: { recipe: Recipe }) {
  const handle = useFileWork();
  const save = async (format: keyof typeof formats) => {
    const { writers } = await import('../parts/files/recipes.js');
    const { ending, type } = formats[format];
    saveFile(`${recipe.title}.${ending}`, type, writers[format](recipe));
  };
  const choose = (key: keyof typeof formats | 'print') =>
    key === 'print' ? window.print() : handle(() => save(key));
  const items = Object.entries(formats).map(([id, { name }]) => ({ id, name }));
  return (
    <MenuButton
      label="Export"
      look="plain"
      items={[...items, { id: 'print', name: 'Print' }]}
      onAction={(id) => choose(id as keyof typeof formats | 'print')}
    >
      Export
    </MenuButton>
  );
}
