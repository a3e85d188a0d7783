import Joi from 'joi';
import { id, name } from './common';
import { PASSWORD_LENGTH } from './field-limits';
import { ROLES } from './roles';
import { flag, list, nullable, object, oneOf, optional, text, written, type Of, type Schema } from './schema';

const email = (): Joi.StringSchema & Schema<string> =>
  Joi.string().trim().lowercase().email({ tlds: false }).max(254).label('E-mail');
const shownEmail = () => text(254);

export const signIn = object({ email: email(), password: written(PASSWORD_LENGTH.most).min(1).label('Password') });
export type SignIn = Of<typeof signIn>;

/** A password that somebody takes. */
export const newPassword = () => written(PASSWORD_LENGTH.most).min(PASSWORD_LENGTH.least).label('New password');

/** Asks for a mail with which a forgotten password is replaced. */
export const requestReset = object({ email: email() });
export type RequestReset = Of<typeof requestReset>;
export const resetPassword = object({
  /** As the link of the mail has it. */
  token: text(100),
  newPassword: newPassword(),
});
export type ResetPassword = Of<typeof resetPassword>;

const registerFields = object({
  name: text(80).label('Your name'),
  email: email(),
  password: written(PASSWORD_LENGTH.most).min(PASSWORD_LENGTH.least).label('Password'),
  /** Name of a new kitchen; or an invitation to one that exists. */
  kitchenName: optional(text(80).label('Kitchen')),
  invitation: optional(text(40).label('Invitation')),
});
export type Register = Of<typeof registerFields>;
export const register: Joi.ObjectSchema & Schema<Register> = registerFields.xor('kitchenName', 'invitation').messages({
  'object.missing': 'Name your kitchen, or give an invitation to one',
  'object.xor': 'Name a new kitchen or give an invitation, not both',
});

export const session = object({
  account: object({ id: id(), name: name(), email: shownEmail() }),
  /** `personId`: which of the people of the kitchen a drinker is; null of everybody else. */
  kitchen: object({ id: id(), name: name(), demo: flag(), role: oneOf(ROLES), personId: nullable(id()) }),
});
export type Session = Of<typeof session>;

/** What anyone may know of a server before signing in. */
export const serverOptions = object({ demo: flag() });
export type ServerOptions = Of<typeof serverOptions>;

export const kitchenDetails = object({
  id: id(),
  name: name(),
  demo: flag(),
  /** The code that lets makers in, and the one that lets drinkers in. */
  invitation: text(40),
  drinkerInvitation: text(40),
  members: list(object({ id: id(), name: name(), email: shownEmail(), role: oneOf(ROLES), personId: nullable(id()) }), {
    most: 500,
  }),
});
export type KitchenDetails = Of<typeof kitchenDetails>;
