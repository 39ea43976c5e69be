import { Body, Controller, Delete, Get, HttpCode, Ip, Post, Req, Res } from '@nestjs/common';
import { FirstAccountDto, SignInDto, type SessionView, type SignInOptions } from '@fornax/contract';
import type { Request, Response } from 'express';
import { OwnTransactions } from '../database/write-interceptor.js';
import { Open, Session, type SessionContext } from '../common/session-context.js';
import { Cached } from '../response-cache/cache.interceptor.js';
import { deviceCookie, deviceDays } from './devices.js';
import { cookieName, type Opened, sessionDays, SessionsService } from './sessions.service.js';

@OwnTransactions()
@Controller('api')
export class SessionsController {
  constructor(private readonly sessions: SessionsService) {}

  @Open({ perMinute: 240, sentence: 'The sign-in page was asked for too often here; try again in a minute.' })
  @Get('session/options')
  options(): Promise<SignInOptions> {
    return this.sessions.options();
  }

  @Cached()
  @Get('session')
  current(@Session() session: SessionContext): Promise<SessionView> {
    return this.sessions.view(session);
  }

  @Open({ perMinute: 120, sentence: 'There were too many sign-ins from here; try again in a minute.' })
  @Post('session')
  @HttpCode(204)
  async signIn(
    @Body() input: SignInDto,
    @Ip() address: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    setCookies(response, request, await this.sessions.signIn(input, address, request.headers.cookie));
  }

  @Open({ perMinute: 10, sentence: 'An account was asked for too often from here; try again in a minute.' })
  @Post('accounts')
  @HttpCode(204)
  async createFirstAccount(
    @Body() input: FirstAccountDto,
    @Ip() address: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    setCookies(response, request, await this.sessions.createFirstAccount(input, address));
  }

  @Open({ perMinute: 240, sentence: 'There were too many sign-outs from here; try again in a minute.' })
  @Delete('session')
  @HttpCode(204)
  async signOut(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<void> {
    await this.sessions.signOut(request.headers.cookie);
    response.clearCookie(cookieName, { path: '/' });
  }
}

const day = 86_400_000;

function setCookies(response: Response, request: Request, { session, device }: Opened): void {
  const usual = { httpOnly: true, sameSite: 'lax', secure: request.secure, path: '/' } as const;
  response.cookie(cookieName, session, { ...usual, maxAge: sessionDays * day });
  if (device) response.cookie(deviceCookie, device, { ...usual, maxAge: deviceDays * day });
}
