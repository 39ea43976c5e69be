import { Body, Controller, Delete, Get, HttpCode, Ip, Post, Req, Res } from '@nestjs/common';
import { FirstAccountDto, SignInDto, type SessionView, type SignInOptions } from '@fornax/contract';
import type { Request, Response } from 'express';
import { OwnTransactions } from '../database/write-interceptor.js';
import { Open, Session, type SessionContext } from '../common/session-context.js';
import { Known } from '../known/known.interceptor.js';
import { cookieName, sessionDays, SessionsService } from './sessions.service.js';

@OwnTransactions()
@Controller('api')
export class SessionsController {
  constructor(private readonly sessions: SessionsService) {}

  @Open()
  @Get('session/options')
  options(): Promise<SignInOptions> {
    return this.sessions.options();
  }

  @Known()
  @Get('session')
  current(@Session() session: SessionContext): Promise<SessionView> {
    return this.sessions.view(session);
  }

  @Open()
  @Post('session')
  @HttpCode(204)
  async signIn(
    @Body() input: SignInDto,
    @Ip() address: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    setCookie(response, request, await this.sessions.signIn(input, address, request.headers.cookie));
  }

  @Open()
  @Post('accounts')
  @HttpCode(204)
  async createFirstAccount(
    @Body() input: FirstAccountDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    setCookie(response, request, await this.sessions.createFirstAccount(input));
  }

  @Open()
  @Delete('session')
  @HttpCode(204)
  async signOut(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<void> {
    await this.sessions.signOut(request.headers.cookie);
    response.clearCookie(cookieName, { path: '/' });
  }
}

function setCookie(response: Response, request: Request, token: string): void {
  response.cookie(cookieName, token, {
    httpOnly: true,
    sameSite: 'lax',
    secure: request.secure,
    path: '/',
    maxAge: sessionDays * 86_400_000,
  });
}
