import { saveAs } from 'file-saver';

/** Hands a text to the browser as a file to keep. What marks a file as Unicode is in the text already. */
export function saveFile(name: string, type: string, text: string): void {
  saveAs(new Blob([text], { type: `${type};charset=utf-8` }), name, { autoBom: false });
}
