import { Controller, Get, Header, Injectable, Module, Param, Query, StreamableFile } from '@nestjs/common';
import { LabelsQuery } from '@fornax/contract';
import {
  type English,
  type LabelSheet,
  labelSheetProblem,
  markingSheets,
  showWholeDate,
  stationCards,
  storageLabels,
} from '@fornax/core';
import { ClassesModule } from '../classes/classes.module.js';
import { ClassesService } from '../classes/classes.service.js';
import { IdPipe } from '../common/id.pipe.js';
import { ProblemException } from '../common/problem.js';
import { Session, type SessionContext } from '../common/session-context.js';
import { Planner, PlanningModule } from '../planning/planner.js';
import { TechniquesModule } from '../techniques/techniques.module.js';
import { TechniquesService } from '../techniques/techniques.service.js';
import { Printer } from '../print/printer.js';
import type { Paper } from '../print/sheet.js';
import { cardsSheet } from './cards-sheet.js';
import { labelsSheet } from './labels-sheet.js';

/** The cards of a class, put together from its plan and the kitchen's own technique notes. */
@Injectable()
class CardsService {
  constructor(
    private readonly classes: ClassesService,
    private readonly techniques: TechniquesService,
    private readonly planner: Planner,
    private readonly printer: Printer,
  ) {}

  async pdf(kitchenId: string, classId: string, paper: Paper): Promise<{ pdf: Buffer; name: string }> {
    const bundle = await this.classes.bundle(kitchenId, classId);
    const plan = await this.planner.printed(bundle, kitchenId);
    const facts = bundle.class;
    const when = `${showWholeDate(facts.startsAt)}, ${facts.startsAt.slice(11, 16)}`;
    const cards = stationCards({
      facts,
      kitchen: bundle.kitchen,
      plan,
      techniques: await this.techniques.list(kitchenId),
      when,
    });
    const title = `${facts.title}, station cards`;
    return {
      pdf: await this.printer.pdf(
        cardsSheet({
          title,
          lang: langOf(bundle.kitchen.english),
          paper,
          cards,
          sheets: markingSheets(facts, when),
        }),
      ),
      name: `${title}, ${facts.startsAt.slice(0, 10)}.pdf`,
    };
  }
}

/** What is stuck on what is kept before a class or carried home from it. */
@Injectable()
class LabelsService {
  constructor(
    private readonly classes: ClassesService,
    private readonly planner: Planner,
    private readonly printer: Printer,
  ) {}

  async pdf(kitchenId: string, classId: string, sheet: LabelSheet): Promise<{ pdf: Buffer; name: string }> {
    const problem = labelSheetProblem(sheet);
    if (problem)
      throw new ProblemException(422, problem, { errors: [{ field: 'width', sentence: problem }] });
    const { class: facts, kitchen, ...rest } = await this.classes.bundle(kitchenId, classId);
    const plan = await this.planner.printed({ class: facts, kitchen, ...rest }, kitchenId);
    const title = `${facts.title}, storage labels`;
    const labels = storageLabels({ facts, kitchen, plan });
    return {
      pdf: await this.printer.pdf(labelsSheet({ title, lang: langOf(kitchen.english), labels, sheet })),
      name: `${title}, ${facts.startsAt.slice(0, 10)}.pdf`,
    };
  }
}

@Controller('api/classes')
class LabelsController {
  constructor(private readonly labels: LabelsService) {}

  /** Storage labels as PDF, on sheets of any size. */
  @Get(':id/labels.pdf')
  @Header('Content-Type', 'application/pdf')
  async pdf(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
    @Query() sheet: LabelsQuery,
  ): Promise<StreamableFile> {
    return asFile(await this.labels.pdf(session.kitchenId, id, sheet), 'storage-labels.pdf');
  }
}

/** The language of a sheet follows the kitchen's English. */
function langOf(english: English): string {
  return english === 'us' ? 'en-US' : 'en-GB';
}

function asFile({ pdf, name }: { pdf: Buffer; name: string }, plainName: string): StreamableFile {
  return new StreamableFile(pdf, {
    type: 'application/pdf',
    disposition: `attachment; filename="${plainName}"; filename*=UTF-8''${encodeURIComponent(name)}`,
  });
}

@Controller('api/classes')
class CardsController {
  constructor(private readonly cards: CardsService) {}

  /** Station cards as PDF, on A4 or US Letter. */
  @Get(':id/cards.pdf')
  @Header('Content-Type', 'application/pdf')
  async pdf(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
    @Query('paper') paper = 'a4',
  ): Promise<StreamableFile> {
    if (paper !== 'a4' && paper !== 'letter')
      throw new ProblemException(422, 'Choose A4 or US Letter as the paper.', {
        errors: [{ field: 'paper', sentence: 'Choose A4 or US Letter as the paper.' }],
      });
    return asFile(await this.cards.pdf(session.kitchenId, id, paper), 'station-cards.pdf');
  }
}

@Module({
  imports: [ClassesModule, PlanningModule, TechniquesModule],
  controllers: [CardsController, LabelsController],
  providers: [CardsService, Printer, LabelsService],
})
export class CardsModule {}
