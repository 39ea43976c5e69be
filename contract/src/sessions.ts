import { IsBoolean, IsEmail, IsString } from 'class-validator';
import { Length, MaxLength, MayBeAbsent } from './shapes.js';

/** Signs in with a name and password, or into the demo with `demo: true`. */
export class SignInDto {
  @MayBeAbsent()
  @IsBoolean()
  demo?: boolean;

  @MayBeAbsent()
  @IsEmail({}, { message: 'Write an e-mail address, such as ines@example.org.' })
  email?: string;

  @MayBeAbsent()
  @IsString()
  @MaxLength(200, { message: 'A password has at most 200 characters.' })
  password?: string;
}

/** The first account of a kitchen, made once on the first start. */
export class FirstAccountDto {
  @IsString()
  @Length(1, 80, { message: 'Write a name for the kitchen, up to 80 characters.' })
  kitchenName: string;

  @IsString()
  @Length(1, 80, { message: 'Write your name, up to 80 characters.' })
  name: string;

  @IsEmail({}, { message: 'Write an e-mail address, such as ines@example.org.' })
  email: string;

  @IsString()
  @Length(10, 200, { message: 'Choose a password of at least 10 characters.' })
  password: string;
}

/** What the sign-in page needs to know before anybody has signed in. */
export interface SignInOptions {
  readonly demo: boolean;
  readonly firstStart: boolean;
}

export interface SessionView {
  readonly person: { readonly id: string; readonly name: string };
  readonly kitchen: { readonly id: string; readonly name: string };
  readonly demo: boolean;
}
