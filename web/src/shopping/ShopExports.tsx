import { useOpenClass } from '../classes/class-context.js';
import { Button } from '../parts/Button.js';
import { saveFile } from '../parts/files/save-file.js';
import { useFileWork } from '../parts/files/useFileWork.js';
import { Row } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import { writeShoppingText } from '@fornax/core';
import type { Ticks } from '../api/useTicks.js';

/** The list for elsewhere: a spreadsheet, a message, a calendar, paper. */
export function ShopExports({ ticks }: { ticks: Ticks['ticks'] }) {
  const { view, plan } = useOpenClass();
  const say = useSay();
  const handle = useFileWork();
  const isTicked = (key: string) => ticks.get(key)?.ticked ?? false;
  const name = `${view.title} ${view.startsAt.slice(0, 10)}`;
  const copy = () =>
    navigator.clipboard.writeText(writeShoppingText(`${view.title}: to buy`, plan.shopping, isTicked)).then(
      () => say('The list is copied: paste it into a message.'),
      () => say('The list could not be copied here. Save it as text instead.'),
    );
  const saveCsv = async () => {
    const { writeShoppingCsv } = await import('../parts/files/tables.js');
    saveFile(`${name} shopping.csv`, 'text/csv', writeShoppingCsv(plan.shopping, isTicked));
  };
  const saveCalendar = async () => {
    const { writeTripsCalendar } = await import('../parts/files/calendars.js');
    const calendar = writeTripsCalendar(view, plan.shopping, new Date().toISOString());
    saveFile(`${name} shopping.ics`, 'text/calendar', calendar);
  };
  return (
    <Row $gap={1}>
      <Button look="quiet" onPress={() => void copy()}>
        Copy as text
      </Button>
      <Button
        look="quiet"
        onPress={() =>
          saveFile(
            `${name} shopping.txt`,
            'text/plain',
            writeShoppingText(`${view.title}: to buy`, plan.shopping, isTicked),
          )
        }
      >
        Text
      </Button>
      <Button look="quiet" onPress={() => handle(saveCsv)}>
        CSV
      </Button>
      <Button look="quiet" onPress={() => handle(saveCalendar)}>
        Calendar
      </Button>
      <Button look="quiet" onPress={() => window.print()}>
        Print
      </Button>
    </Row>
  );
}
