import { Transform } from 'class-transformer';
import { IsIn, IsInt, IsNumber, Max, Min } from 'class-validator';
import { type LabelSheet, usualLabelSheet } from '@fornax/core';
import { MayBeAbsent } from './shapes.js';

const size = { message: 'Write millimetres from 10 to 300.' };
const edge = { message: 'Write millimetres from 0 to 100.' };

/** A number in an address is text. */
const FromText = () =>
  Transform(({ value }: { value: unknown }) =>
    typeof value === 'string' && value.trim() !== '' ? Number(value) : value,
  );

/** The sheet of labels that a PDF is made for; what is not said is the usual one. */
export class LabelsQuery implements LabelSheet {
  @MayBeAbsent()
  @IsIn(['a4', 'letter'], { message: 'Choose A4 or US Letter as the paper.' })
  paper: LabelSheet['paper'] = usualLabelSheet.paper;
  @MayBeAbsent() @FromText() @IsNumber({}, size) @Min(10, size) @Max(300, size) width: number =
    usualLabelSheet.width;
  @MayBeAbsent() @FromText() @IsNumber({}, size) @Min(10, size) @Max(300, size) height: number =
    usualLabelSheet.height;
  @MayBeAbsent() @FromText() @IsNumber({}, edge) @Min(0, edge) @Max(100, edge) marginLeft: number =
    usualLabelSheet.marginLeft;
  @MayBeAbsent() @FromText() @IsNumber({}, edge) @Min(0, edge) @Max(100, edge) marginTop: number =
    usualLabelSheet.marginTop;
  @MayBeAbsent() @FromText() @IsNumber({}, edge) @Min(0, edge) @Max(100, edge) gapAcross: number =
    usualLabelSheet.gapAcross;
  @MayBeAbsent() @FromText() @IsNumber({}, edge) @Min(0, edge) @Max(100, edge) gapDown: number =
    usualLabelSheet.gapDown;
  @MayBeAbsent()
  @FromText()
  @IsInt({ message: 'Begin at a whole number.' })
  @Min(1, { message: 'Labels are counted from 1.' })
  @Max(500, { message: 'No sheet has as many labels.' })
  startAt: number = usualLabelSheet.startAt;
}
