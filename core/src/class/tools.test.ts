import { describe, expect, it } from 'vitest';
import { isSharedTool, toolFacts, toolName, toolPlural } from './tools.js';

describe('tools', () => {
  it.each([
    ['whisk', 'whisks'],
    ['serving dish', 'serving dishes'],
    ['citrus press', 'citrus presses'],
    ['storage box', 'storage boxes'],
    ['board and knife', 'boards and knives'],
  ])('%s, %s', (one, many) => expect(toolPlural(one)).toBe(many));
  it('are named in the reader’s English', () => {
    expect(toolName('frying pan', 'us')).toBe('skillet');
    expect(toolName('frying pan', 'uk')).toBe('frying pan');
    expect(toolName('own invention', 'us')).toBe('own invention');
  });
  it('ovens’ trays and blenders are shared, knives are not', () => {
    expect(isSharedTool('oven tray')).toBe(true);
    expect(isSharedTool('board and knife')).toBe(false);
  });
  it('each stands once', () => expect(new Set(toolFacts.map(({ id }) => id)).size).toBe(toolFacts.length));
});
