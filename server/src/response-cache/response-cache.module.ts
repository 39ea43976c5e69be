import { Module } from '@nestjs/common';
import { ResponseCache } from './response-cache.js';

@Module({ providers: [ResponseCache], exports: [ResponseCache] })
export class ResponseCacheModule {}
