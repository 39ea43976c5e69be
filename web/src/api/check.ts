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

export const checks = {
  newClass: (value: CreateClassDto) => check(CreateClassDto, value),
  classPart: (value: UpdateClassDto) => check(UpdateClassDto, value),
  recipe: (value: RecipeContentDto) => check(RecipeContentDto, value),
  /** Problems of some fields of a recipe. */
  recipePart: (value: Partial<RecipeContentDto>) => check(RecipeContentDto, value, true),
  larderEntry: (value: LarderEntryDto) => check(LarderEntryDto, value),
  kitchen: (value: UpdateKitchenDto) => check(UpdateKitchenDto, value, true),
  technique: (value: TechniqueNoteDto) => check(TechniqueNoteDto, value),
} as const;
