import { Module, type DynamicModule } from '@nestjs/common';
import { APP_GUARD, APP_INTERCEPTOR } from '@nestjs/core';
import { Sequelize } from 'sequelize-typescript';
import { ClassesModule } from './classes/classes.module.js';
import { Logger } from './common/logger.js';
import { CONFIG, type ServerConfig } from './config.js';
import { DiskRoom } from './database/disk-room.js';
import { WriteInterceptor } from './database/write-interceptor.js';
import { HealthModule } from './health/health.module.js';
import { ResponseCacheModule } from './response-cache/response-cache.module.js';
import { CacheInterceptor } from './response-cache/cache.interceptor.js';
import { LarderModule } from './larder/larder.module.js';
import { KitchensModule } from './kitchens/kitchens.module.js';
import { OpenApiModule } from './openapi.js';
import { RecipesModule } from './recipes/recipes.module.js';
import { SessionGuard } from './sessions/session-guard.js';
import { CardsModule } from './cards/cards.module.js';
import { SessionsModule } from './sessions/sessions.module.js';
import { TechniquesModule } from './techniques/techniques.module.js';

@Module({})
export class AppModule {
  /** The application over one database. The connection is opened and closed by the caller. */
  static over(sequelize: Sequelize, config: ServerConfig, logger: Logger): DynamicModule {
    return {
      module: AppModule,
      imports: [
        {
          module: SharedModule,
          global: true,
          providers: [
            { provide: Sequelize, useValue: sequelize },
            { provide: CONFIG, useValue: config },
            { provide: Logger, useValue: logger },
            DiskRoom,
          ],
          exports: [Sequelize, CONFIG, Logger, DiskRoom],
        },
        SessionsModule,
        ResponseCacheModule,
        KitchensModule,
        RecipesModule,
        ClassesModule,
        CardsModule,
        LarderModule,
        TechniquesModule,
        HealthModule,
        OpenApiModule,
      ],
      providers: [
        { provide: APP_GUARD, useClass: SessionGuard },
        { provide: APP_INTERCEPTOR, useClass: WriteInterceptor },
        { provide: APP_INTERCEPTOR, useClass: CacheInterceptor },
      ],
    };
  }
}

class SharedModule {}
