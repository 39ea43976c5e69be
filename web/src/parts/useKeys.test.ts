import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { whileNotTyping } from './useKeys.js';

// Of the page only what says where the focus is.
class Element {
  constructor(
    readonly tagName: string,
    readonly isContentEditable = false,
  ) {}
}
class Input extends Element {
  constructor(readonly type: string) {
    super('INPUT');
  }
}

describe('a key that means something only where it is not typed', () => {
  beforeEach(() => {
    vi.stubGlobal('HTMLElement', Element);
    vi.stubGlobal('HTMLInputElement', Input);
  });
  afterEach(() => vi.unstubAllGlobals());

  const isHeard = (target: unknown) => {
    const run = vi.fn();
    whileNotTyping(run)({ target } as KeyboardEvent);
    return run.mock.calls.length === 1;
  };
  it.each<[string, unknown, boolean]>([
    ['the page', new Element('BODY'), true],
    ['a button', new Element('BUTTON'), true],
    ['a box to tick', new Input('checkbox'), true],
    ['a button of a form', new Input('submit'), true],
    ['a line of text', new Input('text'), false],
    ['a number', new Input('number'), false],
    ['a search', new Input('search'), false],
    ['several lines of text', new Element('TEXTAREA'), false],
    ['a choice of the browser', new Element('SELECT'), false],
    ['the editor of a note', new Element('DIV', true), false],
    ['nothing', null, true],
  ])('%s', (_, target, expected) => expect(isHeard(target)).toBe(expected));
});
