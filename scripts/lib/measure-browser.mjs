/** In the page: types a number into People and waits until the figures on the screen have followed; milliseconds. */
export function measureEdit(page, people, expected) {
  return page.evaluate(async ([value, text]) => {
    const input = [...document.querySelectorAll('label')].find((label) => label.textContent === 'People').parentElement.querySelector('input');
    const shown = () => document.querySelector('main')?.textContent.includes(text);
    const setter = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
    const start = performance.now();
    setter.call(input, value);
    input.dispatchEvent(new Event('input', { bubbles: true }));
    while (!shown()) {
      await new Promise((resolve) => { requestAnimationFrame(resolve); });
      if (performance.now() - start > 5000) throw new Error(`“${text}” did not appear`);
    }
    return performance.now() - start;
  }, [people, expected]);
}
