import { readFileSync } from 'node:fs';
import { join } from 'node:path';

const folder = join(import.meta.dirname, '..', 'recipes', 'intake', 'corpus');

/** Lines as people write them: text | amount and unit, "–" for none | ingredient, "?" where it is asked. */
export function corpusLines(): { text: string; amount: string; ingredient: string }[] {
  return readFileSync(join(folder, 'lines.txt'), 'utf8')
    .trim()
    .split('\n')
    .map((row) => {
      const [text, amount, ingredient] = row.split(' | ') as [string, string, string];
      return { text, amount, ingredient };
    });
}

/** Whole recipes: "@ title | people | kind", the text, then "= amount unit ingredient" of each line. */
export function corpusRecipes() {
  return readFileSync(join(folder, 'recipes.txt'), 'utf8')
    .split(/^@ /m)
    .slice(1)
    .map((block) => {
      const rows = block.trimEnd().split('\n');
      const [title, serves, kind] = rows[0]!.split(' | ') as [string, string, string];
      const isWanted = (row: string) => row.startsWith('= ');
      return {
        title,
        serves: Number(serves),
        kind,
        text: rows
          .slice(1)
          .filter((row) => !isWanted(row))
          .join('\n'),
        lines: rows.filter(isWanted).map((row) => row.slice(2)),
      };
    });
}

/** Methods as people write them: "@ title", its lines, the text, then "= what it comes after | job". */
export function corpusMethods(): { title: string; text: string; jobs: string[] }[] {
  return readFileSync(join(folder, 'methods.txt'), 'utf8')
    .split(/^@ /m)
    .slice(1)
    .map((block) => {
      const [title, lines, ...rows] = block.trimEnd().split('\n') as [string, string, ...string[]];
      const method = rows.filter((row) => !row.startsWith('= '));
      return {
        title,
        text: [title, '', 'Ingredients', ...lines.split('; '), '', 'Method', ...method].join('\n'),
        jobs: rows.filter((row) => row.startsWith('= ')).map((row) => row.slice(2)),
      };
    });
}
