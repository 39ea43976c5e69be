import 'reflect-metadata';
import {
  CreateClassDto,
  LarderEntryDto,
  RecipeContentDto,
  TechniqueNoteDto,
  UpdateClassDto,
  UpdateKitchenDto,
  fieldProblems,
  type FieldProblem,
} from '@fornax/contract';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync } from 'class-validator';

/** The contract's own rules, asked before anything is sent: the same sentences as the server's. */
function check<T extends object>(dto: ClassConstructor<T>, value: object, isPart = false): FieldProblem[] {
  return fieldProblems(
    validateSync(plainToInstance(dto, value), { whitelist: true, skipMissingProperties: isPart }),
  );
}

export const checkNewClass = (value: CreateClassDto) => check(CreateClassDto, value);
export const checkClass = (value: UpdateClassDto) => check(UpdateClassDto, value);
export const checkRecipe = (value: RecipeContentDto) => check(RecipeContentDto, value);
/** Problems of some fields of a recipe. */
export const checkRecipePart = (value: Partial<RecipeContentDto>) => check(RecipeContentDto, value, true);
export const checkLarderEntry = (value: LarderEntryDto) => check(LarderEntryDto, value);
export const checkKitchen = (value: UpdateKitchenDto) => check(UpdateKitchenDto, value, true);
export const checkTechnique = (value: TechniqueNoteDto) => check(TechniqueNoteDto, value);
