export { largestFileBytes, mostRecipesInFile, type FileReading } from './types.js';
export { readRecipeFile } from './recipe-file.js';
export { writeJsonLd } from './json-ld-out.js';
export { writeMarkdown } from './markdown.js';
export { writeFornaxRecipes } from './fornax-json.js';
export {
  readLarderCsv,
  writeLarderCsv,
  mostCsvRows,
  type CsvRowReport,
  type LarderCsvReading,
} from './larder-csv.js';
export { writeShoppingCsv, writeKitCsv, writePlanCsv, type ListClass } from './lists-out.js';
export { writeKitText, writeShoppingText } from './lists-text.js';
export { writeTripsCalendar, writePlanCalendar } from './calendar.js';
export { writeKitchenCsv, readKitchenCsv, type KitchenCsvReading } from './kitchen-csv.js';
export { decodeText } from './decode.js';
export { readRosterCsv, type RosterReading, writeRosterCsv } from './roster-csv.js';
export {
  readStockCsv,
  readStockLine,
  type StockCsvReading,
  type StockRow,
  writeStockCsv,
} from './stock-csv.js';
