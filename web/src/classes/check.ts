import 'reflect-metadata';
import {
  ClassDishDto,
  CreateClassDto,
  LarderEntryDto,
  RecipeContentDto,
  StockDto,
  TechniqueNoteDto,
  UpdateClassDto,
  UpdateKitchenDto,
  type FieldProblem,
} from '@fornax/contract';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';

/** The contract's own rules, asked before anything is sent: the same sentences as the server's. */
function check<T extends object>(dto: ClassConstructor<T>, value: object, isPart = false): FieldProblem[] {
  return flatten(
    validateSync(plainToInstance(dto, value), { whitelist: true, skipMissingProperties: isPart }),
    '',
  );
}

function flatten(errors: readonly ValidationError[], path: string): FieldProblem[] {
  return errors.flatMap((error) => {
    const field = path ? `${path}.${error.property}` : error.property;
    // Rules are asked from the last written to the first: the first written says what the field is at all.
    const own = Object.values(error.constraints ?? {})
      .slice(-1)
      .map((sentence) => ({ field, sentence }));
    return [...own, ...flatten(error.children ?? [], field)];
  });
}

export const checkNewClass = (value: CreateClassDto) => check(CreateClassDto, value);
export const checkClass = (value: UpdateClassDto) => check(UpdateClassDto, value);
export const checkRecipe = (value: RecipeContentDto) => check(RecipeContentDto, value);
/** Problems of some fields of a recipe. */
export const checkRecipePart = (value: Partial<RecipeContentDto>) => check(RecipeContentDto, value, true);
export const checkLarderEntry = (value: LarderEntryDto) => check(LarderEntryDto, value);
export const checkKitchen = (value: UpdateKitchenDto) => check(UpdateKitchenDto, value, true);
export const checkStock = (value: StockDto) => check(StockDto, value);
export const checkTechnique = (value: TechniqueNoteDto) => check(TechniqueNoteDto, value);
export type { ClassDishDto };
