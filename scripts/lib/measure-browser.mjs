/**
 * In the page: types into a field and waits until a text that was not there stands alone in the list;
 * milliseconds.
 */
export function measureTyping(page, label, typed, expected) {
  return page.evaluate(
    async ([name, value, text]) => {
      const input = [...document.querySelectorAll('label')]
        .find((each) => each.textContent === name)
        .parentElement.querySelector('input');
      const shown = () => {
        const items = document.querySelectorAll('main ul[aria-label="Recipes"] > li');
        return items.length > 0 && items.length < 20 && items[0].textContent.startsWith(text);
      };
      const setter = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
      const put = (next) => {
        setter.call(input, next);
        input.dispatchEvent(new Event('input', { bubbles: true }));
      };
      put('');
      await new Promise((resolve) => {
        setTimeout(resolve, 400);
      });
      const start = performance.now();
      put(value);
      while (!shown()) {
        await new Promise((resolve) => {
          requestAnimationFrame(resolve);
        });
        if (performance.now() - start > 5000) throw new Error(`“${text}” did not appear`);
      }
      return performance.now() - start;
    },
    [label, typed, expected],
  );
}

/**
 * In the page: types a number into People and waits until the figures on the screen have followed;
 * milliseconds.
 */
export function measureEdit(page, people, expected) {
  return page.evaluate(
    async ([value, text]) => {
      const input = [...document.querySelectorAll('label')]
        .find((label) => label.textContent === 'People')
        .parentElement.querySelector('input');
      const shown = () => document.querySelector('main')?.textContent.includes(text);
      const setter = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
      const start = performance.now();
      setter.call(input, value);
      input.dispatchEvent(new Event('input', { bubbles: true }));
      while (!shown()) {
        await new Promise((resolve) => {
          requestAnimationFrame(resolve);
        });
        if (performance.now() - start > 5000) throw new Error(`“${text}” did not appear`);
      }
      return performance.now() - start;
    },
    [people, expected],
  );
}

/**
 * In the page: moves a bar of the clock with an arrow key and waits until it stands elsewhere; milliseconds.
 */
export function measurePin(page, title, key) {
  return page.evaluate(
    async ([name, arrow]) => {
      const label = () =>
        [...document.querySelectorAll('[data-bar]')].find((bar) =>
          bar.getAttribute('aria-label').startsWith(name),
        );
      const before = label().getAttribute('aria-label');
      label().focus();
      const start = performance.now();
      label().dispatchEvent(new KeyboardEvent('keydown', { key: arrow, bubbles: true, cancelable: true }));
      while (label().getAttribute('aria-label') === before) {
        await new Promise((resolve) => {
          requestAnimationFrame(resolve);
        });
        if (performance.now() - start > 5000) throw new Error(`“${name}” did not move`);
      }
      return performance.now() - start;
    },
    [title, key],
  );
}
