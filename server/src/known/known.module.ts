import { Module } from '@nestjs/common';
import { KnownAnswers } from './known-answers.js';

@Module({ providers: [KnownAnswers], exports: [KnownAnswers] })
export class KnownModule {}
