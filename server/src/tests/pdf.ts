import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

interface Node {
  readonly role?: string;
  readonly children?: readonly Node[];
}

/** What a reader of its own finds in a PDF. */
export interface ReadPdf {
  readonly title: string;
  readonly lang: string | null;
  /** The words of each page, in the order of reading. */
  readonly pages: readonly string[];
  /** Width and height of each page in points, whole. */
  readonly sizes: readonly (readonly [number, number])[];
  /** The roles of what stands on each page, as it is told to a reader: "H1", "Table". */
  readonly roles: readonly (readonly string[])[];
}

export async function readPdf(pdf: Buffer): Promise<ReadPdf> {
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: true, verbosity: 0 })
    .promise;
  const { info } = await document.getMetadata();
  const pages = await Promise.all(
    Array.from({ length: document.numPages }, async (_, at) => {
      const page = await document.getPage(at + 1);
      const { items } = await page.getTextContent();
      const [, , width, height] = page.view as [number, number, number, number];
      return {
        words: items.map((item) => ('str' in item ? item.str + (item.hasEOL ? ' ' : '') : '')).join(''),
        size: [Math.round(width), Math.round(height)] as const,
        roles: rolesOf((await page.getStructTree()) as Node | null),
      };
    }),
  );
  const { Title = '', Language = null } = info as { Title?: string; Language?: string | null };
  return {
    title: Title,
    lang: Language,
    pages: pages.map(({ words }) => words),
    sizes: pages.map(({ size }) => size),
    roles: pages.map(({ roles }) => roles),
  };
}

function rolesOf(node: Node | null): string[] {
  if (!node) return [];
  return [...(node.role ? [node.role] : []), ...(node.children ?? []).flatMap(rolesOf)];
}
